/** Messages to customers: sent by the mail server the shop has set, or kept to be looked at where there is none. */
package org.yellowfit.app.outbox;
