/** The sentences of what can be wrong with files, codecs and devices; they lie in one bundle. */
package app.redlamp.media.fault;
