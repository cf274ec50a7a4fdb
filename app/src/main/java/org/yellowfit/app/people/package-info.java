/** The people who work at the shop and the tokens of other programs: who may sign in, and as what. */
package org.yellowfit.app.people;
