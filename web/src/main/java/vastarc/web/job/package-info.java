/** The shop's jobs: kept in H2 through Hibernate, with a version that no edit may pass over silently. */
package vastarc.web.job;
