// Alpine that lays an answer over what is shown.
import Alpine from './alpine.js';
import morph from '@alpinejs/morph';

Alpine.plugin(morph);

export default Alpine;
