import Alpine from '../alpine.js';
import { shop } from '../components/shop.js';

Alpine.data('shop', shop);
