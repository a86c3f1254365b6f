// the layout package's own worker: it takes over this one's messages by itself
import "elkjs/lib/elk-worker.min.js";
