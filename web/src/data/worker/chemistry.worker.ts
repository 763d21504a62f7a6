import { expose } from 'comlink';
import { chemistry } from './chemistry';

expose(chemistry);
