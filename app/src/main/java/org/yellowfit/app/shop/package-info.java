/** The garden centre: what it is called, its currency, and which one the person at the screen works for. */
package org.yellowfit.app.shop;
