/** Settings a manager keeps: people and tokens. */
package org.yellowfit.app.settings;
