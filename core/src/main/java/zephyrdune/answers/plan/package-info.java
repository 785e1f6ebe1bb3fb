/** What the floor and the rise are drawn from: places in true scale, stop rings, and the light over the table. */
package zephyrdune.answers.plan;
