"""Haptic motors: how they ring."""
