"""The error family for a world that failed: what happened, what is safe, what to do next."""


class Trouble(Exception):
    """Report a failure that is nobody's bug, in the three parts a technician needs.

    `what` says what happened, `safe` what is untouched, `advice` what to do next.
    """

    def __init__(self, what: str, *, safe: str = "", advice: str = "") -> None:
        super().__init__(what)
        self.what = what
        self.safe = safe
        self.advice = advice

    def sentences(self) -> str:
        """Return the parts as one paragraph, empty ones left out."""
        return " ".join(part for part in (self.what, self.safe, self.advice) if part)


class RecordError(Trouble):
    """Report a memory image that is not the record it should be."""


class Cancelled(Exception):
    """Stop a running job because the user asked for it."""
