/**
 * What nobody looks at yet is put together piece by piece, each piece in an idle moment, and at once when somebody looks. A turn of
 * the interface thread is short that way; the price is that parts of a bench may not be there while it is out of sight.
 */
package app.redlamp.desktop.gradual;
