import './no-fences.js';
import Alpine from '@alpinejs/csp';

export default Alpine;
