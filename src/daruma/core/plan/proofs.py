"""The steps that prove a function, by their keys."""

from daruma.core.parts import Function

_PROVES = "prove_"


def proof_key(function: Function) -> str:
    """Return the key of the action that proves a function."""
    return f"{_PROVES}{function.value}"


_FUNCTIONS = {proof_key(function): function for function in Function}


def proven_by(key: str) -> Function | None:
    """Return the function that an action proves; None where it is work at the bench."""
    return _FUNCTIONS.get(key)
