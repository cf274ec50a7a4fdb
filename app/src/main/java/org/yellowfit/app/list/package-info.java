/** The list: how many of each plant at which spacing, in which pots, for how much. */
package org.yellowfit.app.list;
