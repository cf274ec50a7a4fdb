/** The handout: what the customer takes home, made to be printed. */
package org.yellowfit.app.handout;
