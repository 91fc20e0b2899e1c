"""A simulated bench that is reached only over the wire."""
