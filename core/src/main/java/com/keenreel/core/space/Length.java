package com.keenreel.core.space;

import com.keenreel.core.option.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleBinaryOperator;

/**
 * A length that depends on a width (and rarely on the view's height): written once, evaluated in Java with
 * {@link #at}, printed for browsers with {@link #css}. Sums and multiples of linear lengths are folded, so that what
 * is printed stays short.
 */
public sealed interface Length {
    /** Nothing. */
    Length ZERO = px(0);

    /** The whole width. */
    Length WIDTH = share(1);

    /** CSS px at that width and view height, never rounded. */
    double at(double width, double view);

    /** CSS px at that width, for lengths that do not depend on the view. */
    default double at(double width) {
        return at(width, 0);
    }

    /** The same length where the width is itself a length of another width: {@code over(w).at(x) = at(w.at(x))}. */
    default Length over(Length width) {
        return width.equals(WIDTH) ? this : onto(width);
    }

    /** The same length, its width put in. */
    Length onto(Length width);

    /** This length times a number. */
    Length times(double factor);

    /**
     * The same length as straight lines one after the other, without min and max: for where CSS knows neither. Shares of
     * the view's height are kept.
     *
     * @param from the least width that counts, px
     * @param below the widths that count are below it, px; may be infinite
     */
    default List<Straight> straight(double from, double below) {
        return Straight.of(this, from, below);
    }

    /** As a CSS value, the width printed in that unit. */
    default String css(Base base) {
        String inner = inner(base);
        return this instanceof Linear linear && linear.isOneTerm(base) || this instanceof Extreme
                ? inner
                : "calc(" + inner + ")";
    }

    /** As it stands inside {@code calc()}. */
    String inner(Base base);

    /** The unit in which the width is printed. */
    enum Base {
        /** Inside the reel: per cent of its own width; of the window's height as {@code --svh} has it, if something says that. */
        CQI("cqi"),
        /** In a pasted wrapper's padding: per cent of its parent's width. */
        PERCENT("%"),
        /** In {@code sizes}: per cent of the window's width. */
        VW("vw");

        private final String unit;

        Base(String unit) {
            this.unit = unit;
        }
    }

    /** A fixed number of CSS px. */
    static Length px(double px) {
        return new Linear(px, 0, 0);
    }

    /** A share of the width, 1 being all of it. */
    static Length share(double share) {
        return new Linear(0, share, 0);
    }

    /** A share of the view's height, 1 being all of it. */
    static Length ofView(double share) {
        return new Linear(0, 0, share);
    }

    /** The smaller of the two at every width. */
    static Length min(Length a, Length b) {
        return Extreme.of(true, a, b);
    }

    /** The greater of the two at every width. */
    static Length max(Length a, Length b) {
        return Extreme.of(false, a, b);
    }

    /** Kept between two others; where these cross, the lower one wins, as in CSS. */
    static Length clamp(Length least, Length wanted, Length most) {
        return max(least, min(wanted, most));
    }

    /**
     * One length below a width and another from there on, changing over within a hundredth of a px.
     *
     * @param limit the width, px: 0 or less for never below it, infinite for always
     * @param below what holds below it; nowhere less than {@code otherwise}
     */
    static Length below(double limit, Length below, Length otherwise) {
        if (limit <= 0) {
            return otherwise;
        }
        if (Double.isInfinite(limit)) {
            return below;
        }
        double steep = 10_000; // so many px of height for a px of width
        return max(otherwise, min(below, px(limit * steep).minus(share(steep))));
    }

    /** This and another. */
    default Length plus(Length other) {
        return Sum.of(this, other);
    }

    /** This without another. */
    default Length minus(Length other) {
        return plus(other.times(-1));
    }

    /** This and some px more. */
    default Length plus(double px) {
        return plus(px(px));
    }

    /** This without some px. */
    default Length minus(double px) {
        return plus(px(-px));
    }

    /** This divided by a number other than 0. */
    default Length dividedBy(double divisor) {
        if (divisor == 0) {
            throw new IllegalArgumentException("A length cannot be divided by 0.");
        }
        return times(1 / divisor);
    }

    /** {@code px + share * width + view * height}. */
    record Linear(double px, double share, double view) implements Length {
        public Linear {
            px += 0.0; // a negative zero would not equal ZERO
            share += 0.0;
            view += 0.0;
        }

        @Override
        public double at(double width, double height) {
            return px + share * width + view * height;
        }

        @Override
        public Length onto(Length width) {
            return Length.px(px).plus(width.times(share)).plus(ofView(view));
        }

        @Override
        public Length times(double factor) {
            return new Linear(px * factor, share * factor, view * factor);
        }

        /** At every width and view there is, which are 0 or more. */
        private boolean isNeverMoreThan(Linear other) {
            return px <= other.px && share <= other.share && view <= other.view;
        }

        boolean isOneTerm(Base base) {
            return (view == 0 || base != Base.CQI)
                    && (px == 0 ? 0 : 1) + (share == 0 ? 0 : 1) + (view == 0 ? 0 : 1) <= 1;
        }

        @Override
        public String inner(Base base) {
            StringBuilder text = new StringBuilder();
            term(text, 100 * share, base.unit);
            term(text, 100 * view, base == Base.CQI ? " * var(--svh, 1svh)" : "svh");
            term(text, px, "px");
            return text.isEmpty() ? "0px" : text.toString();
        }

        private static void term(StringBuilder text, double value, String unit) {
            String number = Numbers.plain(Math.abs(value));
            if (number.equals("0")) {
                return;
            }
            if (!text.isEmpty()) {
                text.append(value < 0 ? " - " : " + ");
            } else if (value < 0) {
                text.append('-');
            }
            text.append(number).append(unit);
        }
    }

    /** A linear part and at least one other that could not be folded into it. */
    record Sum(Linear linear, List<Length> others) implements Length {
        static Length of(Length a, Length b) {
            List<Length> others = new ArrayList<>();
            Linear linear = gather(a, others, gather(b, others, new Linear(0, 0, 0)));
            if (others.isEmpty()) {
                return linear;
            }
            return others.size() == 1 && linear.equals(ZERO) ? others.get(0) : new Sum(linear, List.copyOf(others));
        }

        private static Linear gather(Length length, List<Length> others, Linear sum) {
            if (length instanceof Linear one) {
                return new Linear(sum.px + one.px, sum.share + one.share, sum.view + one.view);
            }
            if (length instanceof Sum many) {
                others.addAll(many.others);
                return gather(many.linear, others, sum);
            }
            others.add(length);
            return sum;
        }

        @Override
        public double at(double width, double view) {
            return linear.at(width, view)
                    + others.stream().mapToDouble(one -> one.at(width, view)).sum();
        }

        @Override
        public Length onto(Length width) {
            Length sum = linear.over(width);
            for (Length one : others) {
                sum = sum.plus(one.over(width));
            }
            return sum;
        }

        @Override
        public Length times(double factor) {
            return new Sum(
                    (Linear) linear.times(factor),
                    others.stream().map(one -> one.times(factor)).toList());
        }

        @Override
        public String inner(Base base) {
            StringBuilder text = new StringBuilder();
            if (!linear.equals(ZERO)) {
                text.append(linear.inner(base));
            }
            for (Length one : others) {
                text.append(text.isEmpty() ? "" : " + ").append(one.inner(base));
            }
            return text.toString();
        }
    }

    /** The smallest or the greatest of two, times a factor above 0. */
    record Extreme(boolean smallest, Length a, Length b) implements Length {
        static Length of(boolean smallest, Length a, Length b) {
            if (a.equals(b)) {
                return a;
            }
            if (a instanceof Linear x && b instanceof Linear y) {
                if (x.isNeverMoreThan(y)) {
                    return smallest ? x : y;
                }
                if (y.isNeverMoreThan(x)) {
                    return smallest ? y : x;
                }
            }
            return new Extreme(smallest, a, b);
        }

        @Override
        public double at(double width, double view) {
            DoubleBinaryOperator pick = smallest ? Math::min : Math::max;
            return pick.applyAsDouble(a.at(width, view), b.at(width, view));
        }

        @Override
        public Length onto(Length width) {
            return of(smallest, a.over(width), b.over(width));
        }

        @Override
        public Length times(double factor) {
            return of((factor < 0) != smallest, a.times(factor), b.times(factor));
        }

        @Override
        public String inner(Base base) {
            return (smallest ? "min(" : "max(") + a.inner(base) + ", " + b.inner(base) + ")";
        }
    }
}
