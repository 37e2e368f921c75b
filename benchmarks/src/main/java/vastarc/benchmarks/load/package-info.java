/** Bounded loads on a program that runs on this machine. Each is run by {@code benchmarks/run-load}, and stops by itself. */
package vastarc.benchmarks.load;
