"""What a kind of part does at the bench: one value of this class in each kind's module."""

from collections.abc import Callable, Mapping, Sequence
from enum import Enum
from typing import Any

from msgspec import Struct, field

from daruma.bench.acting import Found
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.rig import BenchState, Rig
from daruma.bench.writing import WritePlan
from daruma.catalogue.loader import Catalogue
from daruma.core.acts import Act, ActKind
from daruma.core.backup import Backup
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, Proof
from daruma.core.known import KnownPart
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.routes import Route

Look = Callable[[Job, Model, BenchState, set[Enum]], str]
Step = Callable[[Doing, Job, Action, Context], tuple[Job, str]]
Tend = Callable[[Doing, Context], tuple[Job, str] | None]
LookBack = Callable[[Rig, Act, Context], Found[object]]
Done = tuple[tuple[str, bool], ...]


class Proving(Struct, frozen=True):
    """Hold how a function is proven: judged from what is known and, where it is measured for that, how (readings a level).

    `words` say what is done, where it is one act; `pages` are the keys of the pages of evidence that show it.
    """

    judge: Callable[[Doing, Job, Context], Proof]
    measure: Callable[[Doing, Job, Context, int], Job] | None = None
    words: str = tr("Prove it")
    pages: tuple[str, ...] = ()


class Chosen(Struct, frozen=True):
    """Hold a job whose way was chosen: whether a fresh part is worked on, and whether the way itself took another one."""

    job: Job
    fresh: bool = False
    another: bool = False


def _as_it_is(facts: Any) -> Any:
    return facts


def _no_actions(_: Catalogue) -> tuple[Action, ...]:
    return ()


def _all_met(_: Job) -> frozenset[Condition]:
    return frozenset()


def _all_count(_: Job, __: KnownPart, done: Done) -> Done:
    return done


def _nothing_chosen(job: Job, _: Route, __: Case) -> Chosen:
    return Chosen(job)


def _no_limits(_: Model) -> tuple[int, ...]:
    return ()


def _nothing_planned(_: Job, __: KnownPart) -> None:
    return None


def _nothing_to_decide(job: Job, _: WritePlan | None, __: Context) -> Job:
    return job


def _unseen(_: Doing, job: Job) -> Job:
    return job


class BenchRoom(Struct, frozen=True):
    """Hold what the use cases ask of a kind of part.

    `bare` are the facts on the ticket, `facts` those with what the shop knows (the phone's backups are given),
    `at_most` those with which every step is there that there could be. `steps` do the actions that are not done by
    hand, `tells` what a hand step's outcome says of the part. `locks` are the interlocks of writing to it, `planned` is
    what a write would write, `decide` keeps what a technician decides about that; `proofs` prove the functions that it
    speaks for. `socket` is where the programmer has a new part, `limits` are the numbers of writes that one may take.
    `besides` are actions that no plan has, `counts` what of the work done still counts, `as_found` reads what a failed
    write has left; `unmet` are conditions that the ticket rules out. `looked_at` are variables of the plan whose value
    can be seen on the bench: what is seen where it is none of those asked for, empty where it is or cannot be told;
    `looks` are how acts of its own are settled by looking; `tends` looks after what goes on by itself: it returns the job
    and what is to be told, None where nothing goes on.
    """

    kind: PartKind
    bare: Callable[[Job], Any]
    facts: Callable[[Doing, Job, Any, Sequence[Backup]], Any]
    steps: Mapping[str, Step]
    locks: Callable[[Doing, Job, BenchState], tuple[Interlock, ...]]
    proofs: Mapping[Function, Proving]
    socket: Callable[[Model], str]
    limits: Callable[[Model], tuple[int, ...]] = _no_limits
    planned: Callable[[Job, KnownPart], WritePlan | None] = _nothing_planned
    decide: Callable[[Job, WritePlan | None, Context], Job] = _nothing_to_decide
    at_most: Callable[[Any], Any] = _as_it_is
    besides: Callable[[Catalogue], tuple[Action, ...]] = _no_actions
    unmet: Callable[[Job], frozenset[Condition]] = _all_met
    counts: Callable[[Job, KnownPart, Done], Done] = _all_count
    chosen: Callable[[Job, Route, Case], Chosen] = _nothing_chosen
    as_found: Callable[[Doing, Job], Job] = _unseen
    tells: Mapping[str, Callable[[Job, bool], Job]] = field(default_factory=dict)
    looked_at: Mapping[Enum, Look] = field(default_factory=dict)
    looks: Mapping[ActKind, LookBack] = field(default_factory=dict)
    tends: Tend | None = None
