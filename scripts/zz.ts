import { RULES } from '../core/language/read';
console.log(RULES.length);
