/** The plant: its traits as the open catalogue carries them, and the policy that says how far to trust them. */
package org.yellowfit.core.plant;
