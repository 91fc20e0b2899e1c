"""How a simulated device says no."""


class No(Exception):
    """Refuse a request with a code of the protocol and words of the device's own."""

    def __init__(self, code: str, text: str = "") -> None:
        super().__init__(code)
        self.code = code
        self.text = text
