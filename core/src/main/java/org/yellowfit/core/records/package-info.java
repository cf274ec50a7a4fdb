/** What really happened to plants, and what a centre learns from it (section J): sizes, hardiness, losses, bloom. */
package org.yellowfit.core.records;
