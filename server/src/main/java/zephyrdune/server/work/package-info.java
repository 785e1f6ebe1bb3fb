/** Who computes what when: bounded queues, budgets of work, and its end when nobody waits for it any more. */
package zephyrdune.server.work;
