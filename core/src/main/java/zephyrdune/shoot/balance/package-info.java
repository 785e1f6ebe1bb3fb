/** What a stand that carries something out to a side is near to: tipping over. */
package zephyrdune.shoot.balance;
