"""Pictures of the work as lists of primitives, computed from the data; the interface and the reports draw them."""
