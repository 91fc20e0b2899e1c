"""Cameras: how sharp an edge is, how a lens bends lines, how camera and gyroscope stand to each other."""
