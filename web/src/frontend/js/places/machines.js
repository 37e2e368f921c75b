import Alpine from '../alpine.js';
import { importer, machine } from '../components/machine.js';

Alpine.data('machine', machine);
Alpine.data('importer', importer);
