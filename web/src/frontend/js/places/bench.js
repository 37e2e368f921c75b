import Alpine from '../alpine.js';
import { cooling } from '../components/cooling.js';
import { phrase } from '../components/phrase.js';

Alpine.data('cooling', cooling);
Alpine.data('phrase', phrase);
