/** Every plant in its place (rules H3, H8 and H9), and what comes of it year by year (H4). */
package org.yellowfit.core.bed;
