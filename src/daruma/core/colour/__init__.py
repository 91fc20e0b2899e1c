"""Chromaticity, colour temperature and the verdict on a white that follows the light."""
