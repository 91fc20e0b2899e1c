"""Speak German for a whole run: a plugin, since many modules hold texts of their own from when they are loaded."""

from daruma.speaking import speak_in

speak_in("de")
