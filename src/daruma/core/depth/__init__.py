"""Structured light: the dots that a projector throws on a flat card, as a camera beside it sees them."""
