// A reel that goes on by itself in a way of its own: backward, or to and fro; late; for some laps; again after a visitor has
// taken over; or under a pointer too.

export class Timed {
  constructor(piece) {
    const { turns, laps, stays, delay, rest, pointed } = piece.plan.timing;
    let { way } = piece.plan.timing;
    let left = laps;
    let resting;
    piece.next = () => {
      const { stop, stops, range } = piece;
      if (turns && !range.stops[stop + way]) way = -way;
      const to = (stop + way + stops) % stops;
      if (!to && !--left) {
        left = laps + stays; // for whoever lets it go on: where it stays, the first is still to come
        piece.wait('paused');
        if (stays) return;
      }
      piece.ask(to, way > 0);
    };
    if (rest) {
      piece.takenOver = () => {
        if (!piece.moves) return;
        piece.wait('rest');
        clearTimeout(resting);
        resting = setTimeout(() => piece.reel.isConnected && piece.go('rest'), rest);
      };
    }
    if (!pointed) {
      const goOn = () => piece.go('pointed');
      goOn();
      piece.on(piece.frame, 'pointerenter', goOn);
    }
    piece.holding?.effect.updateTiming({ endDelay: delay });
  }
}
