/** Side by side: two to six plants at one scale and one age, what differs between them, and what does not. */
package org.yellowfit.app.bench;
