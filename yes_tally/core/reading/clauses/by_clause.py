"""What one part of a list says of a thing: by the label in it, by its form, or by what it asserts. Data and patterns."""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import DERIVED, FACTS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.clauses.field_forms import FORMS
from yes_tally.core.reading.meaning.decide import Guess, decide
from yes_tally.core.reading.values.flags import says_rights
from yes_tally.core.reading.values.measures import memory_told
from yes_tally.core.reading.values.text_forms import BUS, DAY, TURNS
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_named, choice_of, flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_BUSES = frozenset("sata nvme usb sas scsi pcie ata ide mmc sd thunderbolt fibre iscsi virtio".split())
_UNTIL = re.compile(r" (?:until|till|through|bis|jusqu'au|hasta|até|fino al|tot|do) .*\d.*$| for (?:good|ever)$", re.I)
# ``HDD 7200 rpm``, ``disco duro SATA a 5400 rpm``
_TURNS = re.compile(rf"(?: (?:at|mit|à|a|con|com|met|z|di))? {TURNS}$", re.I)
_BUS_BEHIND = re.compile(r" (?:nvme|sata|sas|usb)$", re.I)
_BUS_RATE = re.compile(r" (?:\d(?:\.\d)?|i{1,3}|v)$| [\d.]+ ?g(?:b(?:it)?/s|bps)$")
# What bare words may tell, by the unit or the words that only such a value has.
_COUNTED = re.compile(r"(?P<number>\d{1,5})(?: ?MT/s| ?MHz)? (?P<label>[^\W\d_]+(?:[ '’][^\W\d_]+){0,2})")
# ``mot de passe changé le``
_MOST_LABEL = 6
_MEASURES = frozenset({"size", "clock", "rate"})
_MEASURE = re.compile(r"\d[\d.,'’\s]*[^\W\d_]+(?:/s)?")
_IN_BRACKETS = re.compile(r" \([^()]*\)$")
# ``8 GB DDR4 DIMM``: what the size is of stands behind it.
LEADING_SIZE = re.compile(r"[\d.,]+ ?[KMGT]i?[BOo](?= (?:LP)?DDR| (?:SO-?|U|R)?DIMM)")
_DISK_SIZE = re.compile(rf"[\d.,]+ ?[KMGT]i?[BO](?=(?: (?:{BUS}|SSD|HDD|disk|drive))+$)", re.I)
_WORD = re.compile(r"\S+")
# What its label tells, be it by a synonym.
SURE = 0.8


def by_label(
    interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]
) -> tuple[FactKind, Value, int] | None:
    """``serial 4711``, ``livres 41,7 GB``, ``8 cores``: the first words are a label of the group, or the last."""
    if not text.strip():
        return None
    if (form := FORMS.get(f"{group}.state")) and form.fullmatch(text):
        return None  # ``works properly`` has no label
    if group in _LED_GROUPS and (led := _led(interpreter, text, left)):
        return led
    if leading := OF_WHICH.match(text):
        found = by_label(interpreter, text[leading.end() :], group, left)
        return found and (found[0], found[1], found[2] + leading.end())
    part_of = _USED_OF.fullmatch(text)
    size = next((fact for fact in left if part_of and fact.field == "size"), None)
    if part_of and size and (value := understand(size, part_of["all"], interpreter.locale)):
        return size, value, part_of.start("all")
    of_group = interpreter.context(group, (group,))
    counted = _COUNTED.fullmatch(text)
    for fact in _surely(decide(counted["label"], of_group)[:1], left, "count") if counted else ():
        value = understand(fact, counted["number"], interpreter.locale) if counted else None
        if value:
            return fact, value, 0
    trailed = _TRAILED.match(text)
    said = trailed["first"] if trailed else ""
    guesses = (decide(said, of_group) or decide(f"{group} {said}", of_group))[:1] if said else ()
    if trailed and trailed["label"] != said:
        guesses = decide(trailed["label"], of_group)[:1] or guesses  # ``3.2 GB not allocated``, ``211 MB in gebruik``
    for fact in _surely(guesses, left, "size", "clock", "count"):
        if value := understand(fact, text, interpreter.locale):
            return _meant(fact, guesses[0].phrase, value, left), value, 0
    if (several := _MEASURE_AND_WORDS.fullmatch(text)) and not counted:
        # ``2 GB of its own memory``
        labels = [guess for word in several["words"].split() for guess in decide(word, of_group)[:1]]
        for fact in _surely(labels if len(labels) == 1 else (), left, "size", "clock"):
            if value := understand(fact, several["measure"], interpreter.locale):
                return fact, value, 0
    *words, last = text.split()
    named = words and words[0][:1].isupper() and not NOT.fullmatch(text)
    for fact in _surely(decide(last, of_group)[:1], left, "text") if named else ():
        # ``Gullwing 4 driver``: the label stands behind a name.
        if value := understand(fact, " ".join(words), interpreter.locale):
            return fact, value, 0
    starts = [word.start() for word in _WORD.finditer(text)]
    if marked := _LABELLED.match(text):
        starts = [at for at in starts if at == 0 or at >= marked.end()][:2]  # ``state: to be checked``
    for at in reversed(starts[1:_MOST_LABEL]):
        label, rest = _COPULA.sub("", text[:at].rstrip(": =")), text[at:]
        if "(" in label:
            continue  # ``used 211 MB (peak 300 MB)``
        guesses = decide(label, of_group)[:1]
        if not guesses and group == "memory" and " " not in label and _A_SIZE.match(rest):
            guesses = decide(f"{group} {label}", of_group)[:1]  # ``free 3.1 GB``
        for fact in _surely(guesses, left):
            if fact.kind == "share" and not _BEGINS_WITH_NUMBER.match(rest):
                continue  # ``State of charge 83 %`` is no state
            if fact.kind == "text" and _A_DAY.fullmatch(rest):
                continue  # ``du 19/07/2023``
            if value := understand(fact, rest, interpreter.locale):
                return _meant(fact, guesses[0].phrase, value, left), value, at
    return None


# Forms with words that lead to what they tell (``through 10.20.3.254``).
_LED = {name: form for name, form in FORMS.items() if "told" in form.groupindex}
_LED_GROUPS = frozenset(name.partition(".")[0] for name in _LED)


def _led(interpreter: Interpreter, text: str, left: Sequence[FactKind]) -> tuple[FactKind, Value, int] | None:
    """What a text tells to which words of its form lead."""
    for fact in left:
        form = _LED[fact.name].fullmatch(text) if fact.name in _LED else None
        if form and form.start("told") > 0 and (value := understand(fact, form["told"], interpreter.locale)):
            return fact, value, form.start("told")
    return None


_A_DAY = re.compile(DAY, re.I)
_LABELLED = re.compile(r"[^\W\d_][^:,;]{0,40}: (?=\S)")
_A_SIZE = re.compile(r"\d[\d.,]* ?[KMGT]i?[BO]\b", re.I)


def _meant(fact: FactKind, phrase: str, value: Value, left: Sequence[FactKind]) -> FactKind:
    """``64 GB in all``: of memory a total may be what is installed."""
    meant = memory_told(fact.name, phrase, value)
    return next((other for other in left if other.name == meant), fact)


_PEAK = re.compile(
    r"\b(?:so far|bisher|jusqu'ici|hasta ahora|at[ée] agora|finora|tot nu toe|dot[ąa]d|peak|spitzen?wert|h[öo]chststand|pic|pico|picco|piek|szczyt\w*)\b",
    re.I,
)


def says_nothing(interpreter: Interpreter, text: str, group: str) -> bool:
    """``serial none``: whether a label of the group stands before what says that nobody filled it in; or it was so at
    most once (``peak 1630 MB``)."""
    if _PEAK.search(_IN_BRACKETS.sub("", text)):
        return True
    label, _, rest = text.rpartition(" ")
    denied = label.rpartition(" ")
    if is_placeholder(f"{denied[2]} {rest}"):
        label, rest = denied[0], f"{denied[2]} {rest}"  # ``nº de serie no indicado``
    return is_placeholder(rest) and any(
        guess.confidence > SURE and FACTS[guess.fact].kind not in ("flag", "choice", "count")
        for guess in decide(label, interpreter.context(group, (group,)))[:1]
    )


def _surely(guesses: Iterable[Guess], left: Sequence[FactKind], *kinds: str) -> Iterator[FactKind]:
    """What of ``left`` is surely meant, of these kinds where some are named."""
    for guess in guesses:
        fact = FACTS[guess.fact]
        if guess.confidence > SURE and fact in left and (not kinds or fact.kind in kinds):
            yield fact


OF_WHICH = re.compile(
    r"(?:of (?:which|it)|waarvan|davon|dont|di cui|de (?:los|las) (?:cuales|que)|d[ao]s quais|z (?:tego|czego)|w tym)\s+",
    re.I,
)
# ``376.4 of 465.1 GB used``
_USED_OF = re.compile(
    r"[\d.,]+(?: ?[KMGT]i?[BO])? (?:of|out of|von|sur|de|di|van|z)\s+(?P<all>[\d.,]+ ?[KMGT]i?[BO]) "
    r"(?:(?:is |are )?(?:used|in use|taken|full)|belegt|benutzt|genutzt|utilisés?|occupés?|usad[oa]s?|ocupad[oa]s?|en uso|em uso|usat[oi]|in uso|occupat[oi]|gebruikt|in gebruik|zaj[eę]t[eya]|u[zż]ywan[ey])",
    re.I,
)
# ``61.7 GB free of 389.2 GB``, ``311 MB used``: the label stands behind its size.
_TRAILED = re.compile(
    r"(?:\d{1,3}(?:[ '’]\d{3})+|[\d.,]+) ?(?:[KMGT]i?[BO]?|[GM]Hz|m?Wh|bytes|octets) (?:when |at |wenn |bei )?(?P<label>(?P<first>[^\W\d_]+\d?)(?: [^\W\d_]+$)?)(?:\s|$)(?!\s*\d[\d.,]* ?[KMGT]?i?[BO]\b)",
    re.I,
)
_MEASURE_AND_WORDS = re.compile(
    r"(?P<measure>\d[\d.,]* ?(?:[KMGT]i?[BO]|[GM]Hz)) (?P<words>[^\W\d_]+(?: [^\W\d_]+){1,4})", re.I
)
# ``464.8 GB in all``
_IN_ALL = re.compile(
    r"(?<=[BO]) (?:in all|in total|total|overall|altogether|gesamt|insgesamt|en tout|au total|en total|in tutto|in totale|no total|ao todo|in totaal|"
    r"totaal|[łl][ąa]cznie|razem)$",
    re.I,
)
_BEGINS_WITH_NUMBER = re.compile(
    r"(?:(?:about|some|circa|ca\.|approx\.?|etwa|rund|environ|unos|cerca de|ongeveer|oko[łl]o|ok\.) )?\D{0,2}\d", re.I
)
# No size in millimetres.
_PICTURE = re.compile(r"\d{3,5} ?[xX×] ?\d{3,5}(?! ?[mc]m\b)")
_COPULA = re.compile(r"\s(?:is|are|ist|sind|est|sont|es|son|[eé]|são|sono|zijn|jest|są)$", re.I)


# ``44.5 of 57.0 Wh``
_HELD_OF = re.compile(r"(?P<held>[\d.,']+) [^\W\d_]+(?: of)? [\d.,']+ ?(?P<unit>m?Wh)", re.I)


def by_form(interpreter: Interpreter, text: str, left: Sequence[FactKind]) -> tuple[FactKind, Value, int] | None:
    text = _IN_ALL.sub("", text.partition(" - ")[0].rstrip())
    word = text.casefold()
    numbered = _NUMBERED_SO.fullmatch(text)
    serial = next((fact for fact in left if numbered and fact.field == "serial"), None)
    if numbered and serial:
        return serial, exactly("text", numbered["serial"]), numbered.start("serial")
    for fact in left if _PICTURE.match(text) else ():
        if fact.field == "width":
            return _understood(interpreter, fact, text)
    for fact in left:
        form = FORMS[fact.name].fullmatch(text) if fact.name in FORMS else None
        if form and form.groupdict().get("told"):
            value = understand(fact, form["told"], interpreter.locale)
            return (fact, value, form.start("told")) if value else None
        if form:
            if held := _HELD_OF.match(text):
                return _understood(interpreter, fact, f"{held['held']} {held['unit']}")
            return _understood(interpreter, fact, text)
        if fact.field == "bus" and _BUS_RATE.sub("", word) in _BUSES:
            return _understood(interpreter, fact, text)
    first, _, last = text.rpartition(" ")
    ahead = _SAID_AHEAD.match(text)
    for fact in left:
        if ahead and fact.field == "health" and choice_named(fact.field, fact.choices, ahead.group()):
            return _understood(interpreter, fact, ahead.group())
        if fact.name == "adapter.kind" and first and flag_of(last) is not None:
            continue  # ``WLAN off``: another one, and how that is
        if (
            fact.kind == "choice"
            and choice_of(fact.field, fact.choices, _TURNS.sub("", text))
            and (
                len(_BUS_BEHIND.sub("", _TURNS.sub("", _UNTIL.sub("", text))).split()) <= 2
                or choice_named(fact.field, fact.choices, text)
            )
        ) or (fact.kind in _MEASURES and _MEASURE.fullmatch(_IN_BRACKETS.sub("", text))):
            told = _understood(interpreter, fact, text)
            if told:
                return told
    for sized, name in ((LEADING_SIZE, "module.size"), (_DISK_SIZE, "disk.size")):
        lead = sized.match(text)
        size = next((fact for fact in left if lead and fact.name == name), None)
        if lead and size:
            return _understood(interpreter, size, lead.group())
    flags = [fact for fact in left if fact.kind == "flag" and fact.name not in DERIVED]
    if len(flags) == 1 and flag_of(text) is not None and (flags[0].field == "encrypted" or not _ENCRYPTED.search(text)):
        return _understood(interpreter, flags[0], text)
    return None


# ``caution: 8 sectors moved``
_SAID_AHEAD = re.compile(r"[^\W\d_][^:(\d]{2,30}?(?=:| [-–—(])")
# ``Nr. 7A11C0E4``
_NUMBERED_SO = re.compile(r"(?i:nr|no|n\.?[°º])\.? (?P<serial>(?=[A-Z-]*\d)(?=[\d-]*[A-Z])[A-Z\d-]{6,24}|\d{8,14})")
NOT = re.compile(
    r"(?:no|not|without|kein(?:e[rn]?)?|nicht|ohne|sans|aucune?|pas|non|n[ãa]o|ning[úu]na?|nessuna?|nenhuma?|sin|sem|senza|geen|niet|bez|nie|brak)\s+(?:(?:an?|the|eine?|une?|una|uno|een|uma?) )?(?P<rest>.+)",
    re.I,
)
_NOT_WITHIN = re.compile(
    r"(?P<before>[^\W\d_]+(?: [^\W\d_]+)*?) (?:does not|do not|is not|are not|no|not|nicht|ne|n'est pas|non|n[ãa]o|niet|nie) (?P<after>[^\W\d_]+(?: [^\W\d_]+){0,2})",
    re.I,
)
_NEVER = re.compile(
    r"(?:(?P<before>.*\S)\s+)?(?:never|nigdy nie|nie(?<!nigdy nie)|niemals|jamais|nunca|mai|nooit|nigdy(?! nie))\b\s*(?P<after>.*)",
    re.I,
)
# ``n'expire jamais``, ``nie wygasa nigdy``
_NE = re.compile(r"(?:^|(?<=\s))(?:n['’]|(?:ne|no|non|n[ãa]o|nie|nigdy) )", re.I)
# ``n'expire pas``
_NE_PAS = re.compile(r"(?<!\w)(?:ne |n['’])(?P<verb>[^\W\d_]+) (?:pas|plus)\b", re.I)
# ``signed by Harbour Driver Signing``: what somebody did is done.
_DONE_BY = re.compile(r"(?P<what>[^\W\d_]+) (?:by|von|par|por|da|door|przez) \S.*", re.I)
_DATE_ALONE = re.compile(rf"\(?(?:(?:of|from|dated|vom|von|du|de|del|dal|van|z) )?(?P<date>{DAY})\)?", re.I)
# ``no expiry``; what is installed was so at some time.
_MAY_NEVER_BE = re.compile(r"expires|last|next|set_at")
# Said of volumes alone.
_ENCRYPTED = re.compile(r"crypt|chiffr|cifrad|cifrat|schl[üu]sselt|versleuteld|zaszyfr", re.I)
_ON_OR_OFF = frozenset({"enabled", "on", "connected"})


def by_assertion(
    interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]
) -> tuple[FactKind, Value, int] | None:
    """``administrator``, ``no password required``, ``disabled``, ``password never expires``: what is said by itself."""
    if text[:1] in ("/", "\\"):
        return None  # ``/boot`` is a place
    context = interpreter.context(group, (group,))
    switch = next((fact for fact in left if fact.kind == "flag" and fact.field in _ON_OR_OFF), None)
    if switch and text.isalpha() and (told := _understood(interpreter, switch, text)):
        return told
    admin = next((fact for fact in left if fact.name == "account.admin"), None)
    if admin and says_rights(text) and (told := _understood(interpreter, admin, text)):
        return told  # ``user``
    text = _NE_PAS.sub(r"ne \g<verb>", text)
    denied = NOT.fullmatch(text)
    within = None if denied else _NOT_WITHIN.fullmatch(text)
    about = decide(f"{within['before']} {within['after']}", context)[:1] if within else ()
    for fact in _surely(about, left, "moment", "flag"):
        # ``the password does not expire``
        return fact, exactly("moment", "never") if fact.kind == "moment" else exactly("flag", False), 0
    for fact in _surely(decide(denied["rest"] if denied else text, context)[:2], left, "moment", "flag"):
        if fact.kind == "flag":
            return fact, exactly("flag", not denied), 0
        if denied and _MAY_NEVER_BE.search(fact.field):
            return fact, exactly("moment", "never"), 0
    dated = _DATE_ALONE.fullmatch(text)
    dates = [fact for fact in left if fact.kind == "moment"] if dated else []
    if dated and len(dates) == 1 and (value := understand(dates[0], dated["date"], interpreter.locale)):
        return dates[0], value, dated.start("date")
    done_by = _DONE_BY.fullmatch(text)
    for fact in _surely(decide(done_by["what"], context)[:1] if done_by else (), left, "flag"):
        return fact, exactly("flag", True), 0
    never = _NEVER.fullmatch(text)
    said = _NE.sub("", " ".join(filter(None, [never["before"], never["after"]]))) if never else ""
    for fact in _surely(decide(said, context)[:2] if said else (), left, "moment"):
        return fact, exactly("moment", "never"), 0
    return None


def _understood(interpreter: Interpreter, fact: FactKind, text: str) -> tuple[FactKind, Value, int] | None:
    value = understand(fact, text, interpreter.locale)
    return (fact, value, 0) if value else None


def tells_field(interpreter: Interpreter, text: str, group: str, left: Sequence[FactKind]) -> bool:
    """Whether a text tells one of the fields ``left`` by its label, its form or what it asserts."""
    return bool(
        by_label(interpreter, text, group, left)
        or by_form(interpreter, text, left)
        or by_assertion(interpreter, text, group, left)
    )
