/** Plants beside one another: how alike they are, and what tells them apart. */
package org.yellowfit.core.pair;
