/** What the sources say of a plant, where they disagree, and which of them a policy uses. */
package org.yellowfit.core.claims;
