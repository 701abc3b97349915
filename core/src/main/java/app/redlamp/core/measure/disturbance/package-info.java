/**
 * What is heard in pauses besides voice and noise: knocks and steps, a hand on the stand, keys, a chair, paper; and by which way
 * it came, through the air, the desk, the stand or the floor.
 */
package app.redlamp.core.measure.disturbance;
