"""Heat at a soldering step: what a thermocouple has seen, against the limits of the step and of the part."""
