"""Reading the stored reports again in the background, whenever the reader or the phrasebook has changed."""

from __future__ import annotations

import threading
import time
from concurrent.futures import ThreadPoolExecutor

import structlog

from yes_tally.records import office_columns, rereading
from yes_tally.records.store import using
from yes_tally.records.understanding import Source
from yes_tally.server.live import News, news

log = structlog.get_logger()
_TELL_EVERY = 0.5
_LONGEST_REST = 1.0


class Rereader:
    """One thread that reads what waits to be read, and rests as long as it worked, so that pages stay quick."""

    def __init__(self, news: News) -> None:
        self._news = news
        self._thread: ThreadPoolExecutor | None = None
        self._stop = threading.Event()

    def start(self) -> None:
        """Begin, with whatever waits since the last end."""
        self._stop.clear()
        self._thread = ThreadPoolExecutor(1, "reading-again")
        self._thread.submit(self._warm)
        self.wake()

    def close(self) -> None:
        """At the server's end; what was not read waits for the next start."""
        self._stop.set()
        if self._thread:
            self._thread.shutdown(cancel_futures=True)
            self._thread = None

    def wake(self) -> None:
        """Look whether something waits; from any thread, and free before the start."""
        if self._thread:
            self._thread.submit(self._read)

    def _warm(self) -> None:
        with using():
            office_columns.warm()

    def _read(self) -> None:
        told = 0.0
        with using():
            failed: set[Source] = set()
            while not self._stop.is_set():
                waiting = [source for source in rereading.next_waiting(20 + len(failed)) if source not in failed]
                if not waiting:
                    break
                if self._stop.is_set():
                    return
                self._some(waiting, failed)
                if time.monotonic() - told > _TELL_EVERY:
                    told = time.monotonic()
                    self._news.tell("reading")
        if told:
            self._news.tell("reading")

    def _some(self, sources: list[Source], failed: set[Source]) -> None:
        """Read some reports; where one of them breaks, each by itself, so that it stops no other."""
        started = time.monotonic()
        try:
            rereading.read_again(sources)
        except Exception as error:
            if len(sources) > 1:
                for source in sources:
                    self._some([source], failed)
            else:
                failed.add(sources[0])
                log.exception("reading again", report=sources[0][0], error=str(error))
        self._stop.wait(min(_LONGEST_REST, time.monotonic() - started))


rereader = Rereader(news)
