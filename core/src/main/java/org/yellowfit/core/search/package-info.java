/** Plants found by words as people type them, and counted by what they have in common. */
package org.yellowfit.core.search;
