"""Odds: what a number of outcomes says about a chance, and what a part's hidden write limit does to the next write."""

from collections.abc import Iterable, Sequence
from math import comb, exp, inf, isinf, lgamma

from msgspec import Struct, field

GUESS_WEIGHT = 10.0  # trials that a catalogue guess counts for, beside a shop's own outcomes (ours)
HIDDEN_PAST = (0.6, 0.3, 0.1)  # chance that a used part had 0, 1, 2 writes that nobody noted (ours)


class Beta(Struct, frozen=True):
    """Hold a belief about a chance: `a` successes to `b` failures; both infinite stand for a known chance `fixed`."""

    a: float
    b: float
    fixed: float = 0.5

    @classmethod
    def sure(cls, chance: float) -> "Beta":
        """Return the belief that the chance is exactly this."""
        return cls(inf, inf, chance)

    @classmethod
    def guess(cls, chance: float, weight: float = GUESS_WEIGHT) -> "Beta":
        """Return a belief with this mean that counts for `weight` trials; 0 and 1 are taken as known."""
        return cls.sure(chance) if chance in (0.0, 1.0) or isinf(weight) else cls(chance * weight, (1 - chance) * weight)

    @property
    def mean(self) -> float:
        """Return the expected chance."""
        return self.fixed if isinf(self.a) else self.a / (self.a + self.b)

    @property
    def sd(self) -> float:
        """Return the standard deviation of the chance."""
        if isinf(self.a):
            return 0.0
        total = self.a + self.b
        return float((self.a * self.b / (total * total * (total + 1))) ** 0.5)

    def updated(self, successes: int, failures: int) -> "Beta":
        """Return the belief after outcomes."""
        return self if isinf(self.a) else Beta(self.a + successes, self.b + failures)

    def interval(self, level: float = 0.95) -> tuple[float, float]:
        """Return the equal-tailed credible interval (quantiles of the beta distribution)."""
        if isinf(self.a):
            return self.fixed, self.fixed
        from scipy.special import betaincinv  # slow to import, and needed only where outcomes are shown

        tail = (1 - level) / 2
        return float(betaincinv(self.a, self.b, tail)), float(betaincinv(self.a, self.b, 1 - tail))

    def tries(self, count: int) -> tuple[float, ...]:
        """Return the chance of success at each try, given that all before it failed: a / (a + b + k)."""
        return tuple(self.updated(0, k).mean for k in range(count))

    def pmf(self, successes: int, trials: int) -> float:
        """Return the beta-binomial chance of that many successes."""
        if isinf(self.a):
            return comb(trials, successes) * self.fixed**successes * (1 - self.fixed) ** (trials - successes)
        log = _log_beta(self.a + successes, self.b + trials - successes) - _log_beta(self.a, self.b)
        return comb(trials, successes) * exp(log)


def _log_beta(a: float, b: float) -> float:
    return lgamma(a) + lgamma(b) - lgamma(a + b)


def at_least_once(tries: Sequence[float]) -> float:
    """Return the chance that one of successive tries succeeds: 1 - (1 - p)^n where the chance stays the same."""
    missed = 1.0
    for chance in tries:
        missed *= 1 - chance
    return 1 - missed


def tries_of_a_doubtful_part(sound: float, contact: Beta, count: int) -> tuple[float, ...]:
    """Return the chance at each try to reach a part that is sound with chance `sound`, given that all before failed."""
    alive, chances = sound, []
    dead = 1 - sound
    for chance in contact.tries(count):
        total = alive + dead
        chances.append(alive * chance / total if total else 0.0)
        alive *= 1 - chance
    return tuple(chances)


class WriteLife(Struct, frozen=True):
    """Hold what is believed about a part's next writes.

    `weights` maps (writes it still takes, failures blamed on the contact) to a probability; `accepted` is how many of
    the tries were taken. Writes still taken are None for a part without a known limit.
    """

    contact: Beta
    weights: tuple[tuple[int | None, int, float], ...]
    accepted: int = 0

    @classmethod
    def of(
        cls, limits: Sequence[int], contact: Beta, *, counted: int = 0, past: Sequence[float] = (1.0,), failed_last: bool = False
    ) -> "WriteLife":
        """Build the belief from equally likely limits, the writes counted so far and the chance of 0, 1, 2 hidden ones.

        The last counted write proves that the limit was not yet passed, unless it failed.
        """
        if not limits:
            return cls(contact, ((None, 0, 1.0),))
        taken = counted - 1 if failed_last else counted
        weights: dict[tuple[int | None, int], float] = {}
        for limit in limits:
            for hidden, chance in enumerate(past):
                if limit >= taken + hidden:
                    key = (limit - taken - hidden, 0)
                    weights[key] = weights.get(key, 0.0) + chance / len(limits)
        life = cls(contact, _normal(weights))
        return life.after(False) if failed_last else life

    def next_odds(self) -> float:
        """Return the chance that the next write is taken."""
        return sum(weight * self._contact(blamed) for left, blamed, weight in self.weights if left is None or left > 0)

    def spent(self) -> float:
        """Return the chance that the part takes no write any more."""
        return sum(weight for left, _, weight in self.weights if left == 0)

    def after(self, taken: bool) -> "WriteLife":
        """Return the belief after one more write that was taken, or failed (Bayes' rule)."""
        weights: dict[tuple[int | None, int], float] = {}
        for left, blamed, weight in self.weights:
            live = left is None or left > 0
            fewer = left - 1 if left else left
            chance = self._contact(blamed) if live else 0.0
            key = (fewer, blamed if taken or not live else blamed + 1)
            share = weight * (chance if taken else 1 - chance)
            weights[key] = weights.get(key, 0.0) + share
        return WriteLife(self.contact, _normal(weights), self.accepted + taken)

    def tries(self, count: int) -> tuple[float, ...]:
        """Return the chance of each further write, given that all before it failed."""
        life, chances = self, []
        for _ in range(count):
            chances.append(life.next_odds())
            life = life.after(False)
        return tuple(chances)

    def spent_after_misses(self, count: int) -> tuple[float, ...]:
        """Return, for each miss in a row, the chance that it missed because the part was spent before it."""
        life, chances = self, []
        for _ in range(count):
            missed = 1 - life.next_odds()
            chances.append(life.spent() / missed if missed > 0 else 0.0)
            life = life.after(False)
        return tuple(chances)

    def _contact(self, blamed: int) -> float:
        return self.contact.updated(self.accepted, blamed).mean


def _normal(weights: dict[tuple[int | None, int], float]) -> tuple[tuple[int | None, int, float], ...]:
    total = sum(weights.values())
    if total <= 0:
        return ((0, 0, 1.0),)
    return tuple((left, blamed, weight / total) for (left, blamed), weight in weights.items() if weight > 0)


class Outcomes(Struct, frozen=True):
    """Hold how often an action went well and badly at this shop."""

    done: int = 0
    failed: int = 0

    @property
    def count(self) -> int:
        """Return all outcomes."""
        return self.done + self.failed


class Record(Struct, frozen=True):
    """Hold a shop's outcomes by action, and by adapter for reading and writing; `arrived` is the file that tells of them where
    they are not this shop's own.
    """

    actions: dict[str, Outcomes] = field(default_factory=dict)
    arrived: str = ""

    def belief(self, key: str, guess: float) -> Beta:
        """Return what the guess and this shop's outcomes say together."""
        seen = self.actions.get(key, Outcomes())
        return Beta.guess(guess).updated(seen.done, seen.failed) if seen.count else Beta.guess(guess)


def total(outcomes: Iterable[tuple[str, bool, int]]) -> Record:
    """Return the record of outcomes that come as (action, went well, how many times)."""
    actions: dict[str, Outcomes] = {}
    for key, good, times in outcomes:
        before = actions.get(key, Outcomes())
        actions[key] = Outcomes(before.done + times * good, before.failed + times * (not good))
    return Record(actions)
