import './htmx.js';
import './floor.js';
import './keys.js';
import './page.js';
