"""The error family for a world that failed: what happened, what is safe, what to do next."""

from enum import Enum
from typing import ClassVar


class Cause(Enum):
    """Say why a try went as it did; only what lies in the step itself tells how often it goes well."""

    STEP = "step"
    LINK = "link"
    FIRMWARE = "firmware"
    DEVICE = "device"
    OTHER = "other"


class Remedy(Enum):
    """Name an act of this program that puts a trouble right, or lights an interlock; the gravest first."""

    SETTLE = "settle"
    FIRMWARE = "firmware"
    TRUST = "trust"
    DECIDE = "decide"
    DIAGNOSTIC = "diagnostic"


class Trouble(Exception):
    """Report a failure that is nobody's bug, in the three parts a technician needs.

    `what` says what happened, `safe` what is untouched, `advice` what to do next; `cause` is that of a failed try, the
    usual one of its kind where none is given.
    """

    usual: ClassVar[Cause] = Cause.OTHER

    @property
    def offers(self) -> Remedy | None:
        """Return the act of this program that puts it right, if there is one."""
        return Remedy.FIRMWARE if self.cause is Cause.FIRMWARE else None

    def __init__(self, what: str, *, safe: str = "", advice: str = "", cause: Cause | None = None) -> None:
        super().__init__(what)
        self.cause = cause or self.usual
        self.what = what
        self.safe = safe
        self.advice = advice

    def sentences(self) -> str:
        """Return the parts as one paragraph, empty ones left out."""
        return " ".join(part for part in (self.what, self.safe, self.advice) if part)


class RecordError(Trouble):
    """Report a memory image that is not the record it should be."""


class ReadFailed(RecordError):
    """Report a read that went wrong in itself: differing reads, a record that does not fit its checksums."""

    usual = Cause.STEP


class Cancelled(Exception):
    """Stop a running job because the user asked for it."""
