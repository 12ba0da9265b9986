"""The canonical text of a spec: what ``parse`` reads, printed in one way, so that it parses to the same tree."""

from __future__ import annotations

from collections.abc import Sequence

from yes_tally.core.expecting.comparisons import TEST_WORDS
from yes_tally.core.expecting.terms import (
    All,
    Any_,
    Comparison,
    Counted,
    Expectation,
    Limit,
    Not,
    Quantified,
    Spec,
    Term,
)

_STRENGTH_WIDTH = len("should")
# How closely a term binds; a part that binds less closely stands in brackets.
_OR, _AND, _NOT, _ATOM = range(4)


def format_spec(spec: Spec) -> str:
    """A spec's text, without the remarks of the text it may have come from."""
    lines = [f'spec "{spec.name}"']
    lines += [f"for {key} {', '.join(_word(word) for word in words)}" for key, words in spec.applies.items()]
    lines += [""] * bool(spec.expectations)
    lines += [format_expectation(expectation) for expectation in spec.expectations]
    return "\n".join(lines) + "\n"


def format_expectation(expectation: Expectation) -> str:
    """One expectation's line."""
    because = f' because "{expectation.because}"' if expectation.because else ""
    return f"{expectation.strength:<{_STRENGTH_WIDTH}} {_term(expectation.term, None, _OR)}{because}"


def test_in_words(test: str, limits: Sequence[Limit]) -> str:
    """ "at least 16 GB", "between 2 and 4", "is one of DDR4, DDR5"."""
    if len(limits) == 1:
        return f"{TEST_WORDS[test]} {limits[0].printed}"
    words = " and " if test == "between" else ", "
    return f"{TEST_WORDS[test]} {words.join(limit.printed for limit in limits)}".strip()


def skeleton(term: Term) -> str:
    """A term's text with its limits left open: the same for two revisions of one expectation."""
    if isinstance(term, Comparison):
        return f"{term.fact} {TEST_WORDS[term.test]}"
    if isinstance(term, (All, Any_)):
        return f"{type(term).__name__}({', '.join(map(skeleton, term.parts))})"
    if isinstance(term, Not):
        return f"not {skeleton(term.part)}"
    if isinstance(term, Quantified):
        parts = [skeleton(part) if part else "" for part in (term.where, term.then)]
        return f"{term.quantifier} {term.group} where {parts[0]}: {parts[1]}"
    if isinstance(term, Counted):
        return f"count of {term.group} where {skeleton(term.where) if term.where else ''} {TEST_WORDS[term.test]}"
    return f"same {term.fact}"


def _term(term: Term, item: str | None, outer: int) -> str:
    if isinstance(term, Any_):
        return _bracketed(" or ".join(_term(part, item, _AND) for part in term.parts), _OR, outer)
    if isinstance(term, All):
        return _bracketed(" and ".join(_term(part, item, _NOT) for part in term.parts), _AND, outer)
    if isinstance(term, Not):
        return _bracketed(f"not {_term(term.part, item, _ATOM)}", _NOT, outer)
    if isinstance(term, Comparison):
        return f"{_name(term.fact, item)} {test_in_words(term.test, term.limits)}"
    if isinstance(term, Quantified):
        where = f" where {_term(term.where, term.group, _OR)}" if term.where else ""
        then = f": {_term(term.then, term.group, _OR)}" if term.then else ""
        # What follows would be read as its own: it stands in brackets among other terms.
        return _bracketed(f"{term.quantifier} {term.group}{where}{then}", _OR, outer)
    if isinstance(term, Counted):
        where = f" where {_term(term.where, term.group, _ATOM)}" if term.where else ""
        return f"count of {term.group}{where} {test_in_words(term.test, term.limits)}"
    return f"same {term.fact.partition('.')[2]} across {term.group}"


def _bracketed(text: str, own: int, outer: int) -> str:
    return f"({text})" if own < outer else text


def _name(fact: str, item: str | None) -> str:
    group, _, field = fact.partition(".")
    return field if group == item else fact


def _word(word: str) -> str:
    return word if word.replace("-", "").replace("_", "").isalnum() and not word[0].isdigit() else f'"{word}"'
