/** The counter: the visits, to start one or to go on with one. */
package org.yellowfit.app.counter;
