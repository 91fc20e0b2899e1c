"""Bytes to a device and back: framing, messages, drivers."""
