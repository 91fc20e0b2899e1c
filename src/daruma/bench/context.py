"""What a use case gets besides its data: progress out, cancel in, the time of day."""

from collections.abc import Callable
from datetime import datetime
from getpass import getuser
from threading import Event
from time import monotonic, sleep

from msgspec import Struct, field

from daruma.core.errors import Cancelled


def local_time() -> str:
    """Return the time of day as ISO 8601 to the second, with its offset."""
    return datetime.now().astimezone().isoformat(timespec="seconds")


def user() -> str:
    """Return who works here, as the system knows them."""
    try:
        return getuser()
    except (OSError, KeyError):
        return "unknown"


def _nothing(_: float, __: str) -> None:
    return None


def _unseen(_: object) -> None:
    return None


class Context(Struct, frozen=True):
    """Carry progress, cancel and clock into a use case; `sample` takes each reading as it comes."""

    report: Callable[[float, str], None] = _nothing
    now: Callable[[], str] = local_time
    cancelled: Event = field(default_factory=Event)
    who: str = field(default_factory=user)
    sample: Callable[[object], None] = _unseen

    def checkpoint(self) -> None:
        """Stop here, by Cancelled, if the user asked for it."""
        if self.cancelled.is_set():
            raise Cancelled

    def wait(self, seconds: float, share: float, text: str) -> None:
        """Let time go by, saying what for; can be cancelled."""
        end = monotonic() + seconds
        while (left := end - monotonic()) > 0:
            self.checkpoint()
            self.report(share, f"{text}, {left:.0f} s")
            sleep(min(left, 0.1))

    def pause(self, seconds: float) -> None:
        """Let time go by and say nothing; can be cancelled."""
        if self.cancelled.wait(seconds):
            raise Cancelled

    def part(self, start: float, end: float, text: str) -> Callable[[float], None]:
        """Return a reporter of a share that fills start to end of the whole, and is a checkpoint."""

        def report(share: float) -> None:
            self.checkpoint()
            self.report(start + (end - start) * share, text)

        return report

    def unstoppable(self, start: float, end: float, text: str) -> Callable[[float], None]:
        """Return a reporter like `part` that is no checkpoint: for acts that must not stop half-way."""
        return lambda share: self.report(start + (end - start) * share, text)

    def tail(self, start: float) -> "Context":
        """Return a context for the last part of a job: its progress fills `start` to 1, and it cannot be cancelled."""
        return Context(lambda share, text: self.report(start + (1 - start) * share, text), self.now, who=self.who)
