"""Charge and energy: what a log of volts and amperes says of a cell, a charger, a phone."""
