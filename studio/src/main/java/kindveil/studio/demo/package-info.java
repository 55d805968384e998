/**
 * The demo studio: a made-up artist's river-ferry journal, mid-work. Its pictures are drawn here; its makings are
 * told through the same store as a person's, at times counted back from the start of the program.
 */
package kindveil.studio.demo;
