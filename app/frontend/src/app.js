// Pages that only show something need no script of their own.
