import './htmx.js';
import './points.js';
import './floor.js';
import './keys.js';
import './page.js';
import './sun.js';
import './drafts.js';
import './photos.js';
