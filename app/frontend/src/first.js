// What every page runs before anything of it is drawn.
import './theme.js';
import './early.js';
import './lengths.js';
