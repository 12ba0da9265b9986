"""Which of the updates that a report lists are installed: those that no heading and no state says otherwise of."""

from __future__ import annotations

import re
from collections.abc import Sequence
from itertools import pairwise
from typing import TYPE_CHECKING

from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, Group, cells_by_gap, indent_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.words import plain

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# Words of headings and states, without accents.
_OTHERWISE = re.compile(
    r"\b(?:not yet|noch nicht|pas encore|aun no|todavia no|ainda nao|non ancora|nog niet|jeszcze nie|waiting|waits|pending|awaiting|offered|available|failed|failures?|not (?:yet )?(?:installed|set up|fitted|applied)|needs? (?:a )?restart|to be installed|missing|declined|hidden|"
    r"cancell?ed|aborted|rolled back|with errors?|abgebrochen\w*|mit fehlern?|zuruckgesetzt|annulee?s?|interrompue?s?|avec erreurs?|cancelad[oa]s?|con error(?:es)?|com erros?|"
    r"annullat[oaie]|con error[ei]|geannuleerde?|afgebroken|met fout(?:en)?|anulowan[eya]|przerwan[eya]|z bled(?:em|ami)|"
    r"(?<!no )(?<!kein )(?<!sans )(?<!sin )(?<!sem )(?<!senza )(?<!geen )(?<!bez )(?:error|fehler|echec|erreur|errore|erro|fallo|falha|fout|blad)(?=\W+(?:code |kod )?0x[0-9a-f]|$)|"
    r"outstanding|needed|queued|downloaded|scheduled|restart needed|rolled back|removed|uninstalled|(?:taken|pulled|backed) out(?: again)?|withdrawn|"
    r"ausstehend\w*|wartet|steht aus|verfugbar\w*|angeboten\w*|fehlgeschlagen\w*|nicht (?:erfolgreich|installiert\w*|eingespielt|angewendet)|neustart notig|wartend\w*|fehlend\w*|abgelehnt\w*|zuruckgerollt|zuruckgenommen|ruckgangig gemacht|entfernt|deinstalliert|"
    r"en attente|disponibles?|proposee?s?|echouee?s?|en echec|non (?:install|pos|appliqu)ee?s?|manquante?s?|refusee?s?|annulee?s?|retiree?s?|desinstallee?s?|"
    r"pendientes?|ofrecid[oa]s?|fallid[oa]s?|(?:no|sin) (?:instalad[oa]s?|instalar|aplicad[oa]s?|aplicar)|faltantes?|rechazad[oa]s?|revertid[oa]s?|retirad[oa]s?|desinstalad[oa]s?|"
    r"pendentes?|disponive(?:l|is)|oferecid[oa]s?|falhad[oa]s?|falhou|com falha|nao (?:instalad|aplicad)[oa]s?|por instalar|em falta|recusad[oa]s?|anulad[oa]s?|removid[oa]s?|"
    r"in attesa|disponibil[ei]|offert[oaie]|fallit[oaie]|non riuscit[oaie]|non (?:installat|applicat)[oaie]|da installare|mancant[ei]|rifiutat[oaie]|annullat[oaie]|rimoss[oaie]|disinstallat[oaie]|"
    r"wachtend\w*|wacht|staat klaar|beschikbare?|aangeboden|mislukte?|(?:nog )?niet (?:geinstalleerde?|aangebracht)|ontbrekende?|geweigerde?|teruggedraaid|verwijderd|"
    r"oczekuj\w*|czeka\w*|dostepn[eya]\w*|oferowan[eya]|nieudan[eya]|niepowodzenie|niezainstalowan[eya]|brakujac[eya]|odrzucon[eya]|wycofan[eya]|usuniet[eya]|odinstalowan[eya]|nie powiodl\w*|nie udal\w*)\b"
)
# ``installed, restart was needed``
_INSTALLED_BUT = re.compile(
    r"(?:installed|installiert|eingespielt|installee?|instalad[oa]|installat[oa]|geinstalleerd|zainstalowan[oaey])[,;] "
)
_MOST_WORDS = 5


def is_not_installed(said: str) -> bool:
    """Whether a heading or a state says of updates that they are not, or not yet, installed."""
    if len(said) > MAX_LABEL or len(said.split()) > _MOST_WORDS:
        return False
    return _OTHERWISE.search(plain(said)) is not None and not _INSTALLED_BUT.match(plain(said))


def says_otherwise(sentence: str) -> bool:
    """Whether a sentence says of updates that they are not, or not yet, installed."""
    return _OTHERWISE.search(plain(sentence)) is not None


def lines_of_installed(lines: Sequence[Line]) -> list[Line]:
    """Rows under headings that stand less deep (``Installed``, ``Offered``, ``Failed``): those of what is installed."""
    heads = {
        number
        for number, (line, below) in enumerate(pairwise(lines))
        if indent_of(line.text) < indent_of(below.text) and len(cells_by_gap(line.text)) == 1
    }
    kept: list[Line] = []
    installed = True
    for number, line in enumerate(lines):
        if number in heads:
            installed = not is_not_installed(line.text.strip(" :"))
        elif installed and not any(states_otherwise(cell) for cell, _ in cells_by_gap(line.text[:MAX_LINE])):
            kept.append(line)
    return kept


# ``failed``, ``mislukt 06-02-2025 (fout 0x41c)``
_STATE_AND_DAY = re.compile(r"(?P<state>[^\W\d_]+(?: [^\W\d_]+)??)(?: (?:on |am |le |op |el |il |em |dnia )?[\d(].*)?")


def states_otherwise(cell: str) -> bool:
    """Whether a cell says nothing but that an update is not, or not yet, installed, and maybe when or by which error."""
    match = _STATE_AND_DAY.fullmatch(cell)
    return match is not None and _OTHERWISE.fullmatch(plain(match["state"])) is not None


def leave_out_under(interpreter: Interpreter, heading: str, before: int) -> None:
    """Forget the updates of the drafts from ``before`` on, where the heading they stand under says that they are not
    installed."""
    if is_not_installed(heading):
        interpreter.drafts[before:] = [d for d in interpreter.drafts[before:] if not d.fact.startswith("update.")]


# ``updates --with-failed``, ``updates --history --pending``
_ASKS_FOR_ALL = re.compile(
    r"\s(?:--?|/)\w.*\s(?:--?|/)\w|\b(?:with|and|also|all|mit|und|auch|alle|avec|et|aussi|tous|con|y|e|com|tutti|todos|met|en|ook|z|i|wszystkie)\b",
    re.I,
)


def leave_out_asked(interpreter: Interpreter, command: str, before: int) -> None:
    """Forget the updates of the drafts from ``before`` on, where the command asks only for those that are not installed."""
    if not _ASKS_FOR_ALL.search(command):
        leave_out_under(interpreter, command, before)


def leave_out_within(interpreter: Interpreter, groups: Sequence[Group], before: int) -> None:
    """Forget the updates of the drafts from ``before`` on that stand below a heading within a layout (``Pending (1)``)
    that says that they are not installed."""
    out = {
        entry.line
        for group in groups
        for part in group.walk()
        if part.heading and is_not_installed(part.heading.text)
        for below in part.walk()
        for entry in below.entries
    }
    if out:
        interpreter.drafts[before:] = [
            draft
            for draft in interpreter.drafts[before:]
            if draft.entry.line not in out or not draft.fact.startswith("update.")
        ]


def leave_out_by_state(interpreter: Interpreter) -> None:
    """Forget the updates beside which a state, which is none of their facts, says that they are not installed."""
    out = {
        id(left.item)
        for left in interpreter.leftovers
        if left.item.group == "update" and is_not_installed(left.entry.printed)
    }
    if out:
        start = interpreter.section_from
        interpreter.drafts[start:] = [d for d in interpreter.drafts[start:] if id(d.item) not in out]
