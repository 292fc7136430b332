// npm start: the application on the person's own data folder. Options: --data FOLDER, --port NUMBER.
import { build, installIfMissing, requireNode, serve } from './lib.mjs';

requireNode();
installIfMissing();
build();
serve(process.argv.slice(2));
