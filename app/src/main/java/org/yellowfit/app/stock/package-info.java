/** What stands in the shop's yard, by plant and pot: prices, counts, what is expected; and what lists took out of it. */
package org.yellowfit.app.stock;
