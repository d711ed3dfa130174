/** What can be taken hold of in the drawing of the member. */
export type Held = 'load' | 'from' | 'to' | 'support' | 'hinge'
