/**
 * What a plant is wanted for, and how well it does it (rules L1 to L3): jobs and wishes, each a measure
 * with its reason.
 */
package org.yellowfit.core.serve;
