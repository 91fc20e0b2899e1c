"""Actions, state, search: the way from what is on the bench to what was promised."""
