"""Near misses of typed codes, against a plain implementation of the distance and by random edits."""

import random

import pytest

from daruma.core.near import near_misses
from daruma.core.serials import with_check

ALPHABET = "0123456789ABCDEFGHJKLMNPQRSTUVWXYZ"


def edits(one: str, other: str) -> int:
    """The distance by its textbook recurrence (optimal string alignment)."""
    table = [[i + j if i * j == 0 else 0 for j in range(len(other) + 1)] for i in range(len(one) + 1)]
    for i in range(1, len(one) + 1):
        for j in range(1, len(other) + 1):
            same = one[i - 1] != other[j - 1]
            table[i][j] = min(table[i - 1][j] + 1, table[i][j - 1] + 1, table[i - 1][j - 1] + same)
            if i > 1 and j > 1 and one[i - 1] == other[j - 2] and one[i - 2] == other[j - 1]:
                table[i][j] = min(table[i][j], table[i - 2][j - 2] + 1)
    return table[-1][-1]


@pytest.mark.parametrize("seed", range(200))
def test_what_is_near_is_found_and_what_is_not_is_left(seed: int) -> None:
    rng = random.Random(seed)
    code = with_check("".join(rng.choices(ALPHABET, k=15)))
    typed = list(code)
    for _ in range(rng.randrange(4)):
        place = rng.randrange(len(typed) - 1)
        match rng.randrange(4):
            case 0:
                typed.insert(place, rng.choice(ALPHABET))
            case 1:
                del typed[place]
            case 2:
                typed[place] = rng.choice(ALPHABET)
            case _:
                typed[place], typed[place + 1] = typed[place + 1], typed[place]
    known = {"mine": code, "another": with_check("".join(rng.choices(ALPHABET, k=15)))}
    far = {whose: edits("".join(typed), each) for whose, each in known.items()}
    assert {miss.whose for miss in near_misses("".join(typed), known)} == {whose for whose, n in far.items() if 0 < n <= 2}


@pytest.mark.parametrize(
    ("typed", "said"),
    [
        ("AB1CD", ("character 3, 1, is one too many",)),
        ("ABD", ("after character 2 one is missing: C",)),
        ("A8CD", ("character 2 is 8, not B (they look alike)",)),
        ("ABXD", ("character 3 is X, not C",)),
        ("ACBD", ("characters 2 and 3 are swapped",)),
    ],
)
def test_each_difference_is_said(typed: str, said: tuple[str, ...]) -> None:
    (miss,) = near_misses(typed, {"the board": "ABCD"})
    assert miss.differences == said
    assert miss.sentence == f"nearly that of the board: {said[0]}"
