"""What checks of health are asked for and what comes of them, in the words of eight languages."""

# By language: what a check of each kind is asked for with; what sentences say of each result; and how counts are said.
CHECKS = {
    "en": {
        "asked": {
            "system-files": "filecheck --repair",
            "disk": "diskcheck D:",
            "energy": "powercheck",
            "memory": "ramcheck",
        },
        "said": {
            "clean": {
                "system-files": "No damaged system files were found.",
                "disk": "No problems were found on drive D:.",
                "energy": "The energy check found no problems.",
                "memory": "The memory check found no errors.",
            },
            "repaired": {
                "system-files": "Damaged system files were found and repaired.",
                "disk": "Errors were found on drive D: and corrected.",
            },
            "damaged": {
                "system-files": "Damaged system files were found; some of them could not be repaired.",
                "disk": "Drive D: is damaged and could not be repaired.",
                "memory": "The memory check found 3 errors: the memory is faulty.",
            },
            "not-finished": {
                "system-files": "The check of the system files was cancelled.",
                "disk": "The disk check was stopped before it finished.",
                "memory": "The memory check was interrupted by the user.",
                "energy": "The energy check was cancelled by the user.",
            },
        },
        "counts": "{errors} errors, {warnings} warnings, {notes} notes",
    },
    "de": {
        "asked": {
            "system-files": "dateipruefung --reparieren",
            "disk": "datentraegerpruefung D:",
            "energy": "energiepruefung",
            "memory": "speicherpruefung",
        },
        "said": {
            "clean": {
                "system-files": "Es wurden keine beschädigten Systemdateien gefunden.",
                "disk": "Auf Laufwerk D: wurden keine Probleme gefunden.",
                "energy": "Die Energieprüfung hat keine Probleme gefunden.",
                "memory": "Die Speicherprüfung hat keine Fehler gefunden.",
            },
            "repaired": {
                "system-files": "Beschädigte Systemdateien wurden gefunden und repariert.",
                "disk": "Auf Laufwerk D: wurden Fehler gefunden und behoben.",
            },
            "damaged": {
                "system-files": "Beschädigte Systemdateien wurden gefunden; einige konnten nicht repariert werden.",
                "disk": "Laufwerk D: ist beschädigt und konnte nicht repariert werden.",
                "memory": "Die Speicherprüfung hat 3 Fehler gefunden: Der Speicher ist defekt.",
            },
            "not-finished": {
                "system-files": "Die Prüfung der Systemdateien wurde abgebrochen.",
                "disk": "Die Datenträgerprüfung wurde vorzeitig beendet.",
                "memory": "Die Speicherprüfung wurde vom Benutzer unterbrochen.",
                "energy": "Die Energieprüfung wurde vom Benutzer abgebrochen.",
            },
        },
        "counts": "{errors} Fehler, {warnings} Warnungen, {notes} Hinweise",
    },
    "fr": {
        "asked": {
            "system-files": "verif-fichiers --reparer",
            "disk": "verif-disque D:",
            "energy": "verif-energie",
            "memory": "verif-memoire",
        },
        "said": {
            "clean": {
                "system-files": "Aucun fichier système endommagé n'a été trouvé.",
                "disk": "Aucun problème n'a été trouvé sur le lecteur D:.",
                "energy": "Le contrôle de l'énergie n'a trouvé aucun problème.",
                "memory": "Le test de la mémoire n'a trouvé aucune erreur.",
            },
            "repaired": {
                "system-files": "Des fichiers système endommagés ont été trouvés et réparés.",
                "disk": "Des erreurs ont été trouvées sur le lecteur D: et corrigées.",
            },
            "damaged": {
                "system-files": "Des fichiers système endommagés ont été trouvés ; certains n'ont pas pu être réparés.",
                "disk": "Le lecteur D: est endommagé et n'a pas pu être réparé.",
                "memory": "Le test de la mémoire a trouvé 3 erreurs : la mémoire est défectueuse.",
            },
            "not-finished": {
                "system-files": "La vérification des fichiers système a été annulée.",
                "disk": "La vérification du disque a été arrêtée avant la fin.",
                "memory": "Le test de la mémoire a été interrompu par l'utilisateur.",
                "energy": "Le contrôle de l'énergie a été annulé par l'utilisateur.",
            },
        },
        "counts": "{errors} erreurs, {warnings} avertissements, {notes} remarques",
    },
    "es": {
        "asked": {
            "system-files": "revisa-archivos --reparar",
            "disk": "revisa-disco D:",
            "energy": "revisa-energia",
            "memory": "revisa-memoria",
        },
        "said": {
            "clean": {
                "system-files": "No se encontraron archivos de sistema dañados.",
                "disk": "No se encontraron problemas en la unidad D:.",
                "energy": "La comprobación de energía no encontró problemas.",
                "memory": "La prueba de memoria no encontró errores.",
            },
            "repaired": {
                "system-files": "Se encontraron archivos de sistema dañados y se repararon.",
                "disk": "Se encontraron errores en la unidad D: y se corrigieron.",
            },
            "damaged": {
                "system-files": "Se encontraron archivos de sistema dañados; algunos no se pudieron reparar.",
                "disk": "La unidad D: está dañada y no se pudo reparar.",
                "memory": "La prueba de memoria encontró 3 errores: la memoria está defectuosa.",
            },
            "not-finished": {
                "system-files": "La comprobación de los archivos de sistema fue cancelada.",
                "disk": "La comprobación del disco se detuvo antes de terminar.",
                "memory": "La prueba de memoria fue interrumpida por el usuario.",
                "energy": "La comprobación de energía fue cancelada por el usuario.",
            },
        },
        "counts": "{errors} errores, {warnings} advertencias, {notes} notas",
    },
    "pt": {
        "asked": {
            "system-files": "verifica-ficheiros --reparar",
            "disk": "verifica-disco D:",
            "energy": "verifica-energia",
            "memory": "verifica-memoria",
        },
        "said": {
            "clean": {
                "system-files": "Não foram encontrados ficheiros de sistema danificados.",
                "disk": "Não foram encontrados problemas na unidade D:.",
                "energy": "A verificação de energia não encontrou problemas.",
                "memory": "O teste de memória não encontrou erros.",
            },
            "repaired": {
                "system-files": "Foram encontrados e reparados ficheiros de sistema danificados.",
                "disk": "Foram encontrados erros na unidade D: e corrigidos.",
            },
            "damaged": {
                "system-files": "Foram encontrados ficheiros de sistema danificados; alguns não puderam ser reparados.",
                "disk": "A unidade D: está danificada e não pôde ser reparada.",
                "memory": "O teste de memória encontrou 3 erros: a memória tem defeito.",
            },
            "not-finished": {
                "system-files": "A verificação dos ficheiros de sistema foi cancelada.",
                "disk": "A verificação do disco foi parada antes de terminar.",
                "memory": "O teste de memória foi interrompido pelo utilizador.",
                "energy": "A verificação de energia foi cancelada pelo utilizador.",
            },
        },
        "counts": "{errors} erros, {warnings} avisos, {notes} notas",
    },
    "it": {
        "asked": {
            "system-files": "controlla-file --ripara",
            "disk": "controlla-disco D:",
            "energy": "controlla-energia",
            "memory": "controlla-memoria",
        },
        "said": {
            "clean": {
                "system-files": "Non sono stati trovati file di sistema danneggiati.",
                "disk": "Nessun problema trovato sull'unità D:.",
                "energy": "Il controllo energetico non ha trovato problemi.",
                "memory": "Il test della memoria non ha trovato errori.",
            },
            "repaired": {
                "system-files": "Sono stati trovati e riparati file di sistema danneggiati.",
                "disk": "Sono stati trovati errori sull'unità D: e corretti.",
            },
            "damaged": {
                "system-files": "Sono stati trovati file di sistema danneggiati; alcuni non è stato possibile ripararli.",
                "disk": "L'unità D: è danneggiata e non è stato possibile ripararla.",
                "memory": "Il test della memoria ha trovato 3 errori: la memoria è difettosa.",
            },
            "not-finished": {
                "system-files": "Il controllo dei file di sistema è stato annullato.",
                "disk": "Il controllo del disco è stato fermato prima della fine.",
                "memory": "Il test della memoria è stato interrotto dall'utente.",
                "energy": "Il controllo energetico è stato annullato dall'utente.",
            },
        },
        "counts": "{errors} errori, {warnings} avvisi, {notes} note",
    },
    "nl": {
        "asked": {
            "system-files": "bestandscontrole --herstel",
            "disk": "schijfcontrole D:",
            "energy": "energiecontrole",
            "memory": "geheugencontrole",
        },
        "said": {
            "clean": {
                "system-files": "Er zijn geen beschadigde systeembestanden gevonden.",
                "disk": "Er zijn geen problemen gevonden op station D:.",
                "energy": "De energiecontrole heeft geen problemen gevonden.",
                "memory": "De geheugentest heeft geen fouten gevonden.",
            },
            "repaired": {
                "system-files": "Er zijn beschadigde systeembestanden gevonden en hersteld.",
                "disk": "Er zijn fouten gevonden op station D: en hersteld.",
            },
            "damaged": {
                "system-files": "Er zijn beschadigde systeembestanden gevonden; sommige konden niet worden hersteld.",
                "disk": "Station D: is beschadigd en kon niet worden hersteld.",
                "memory": "De geheugentest heeft 3 fouten gevonden: het geheugen is defect.",
            },
            "not-finished": {
                "system-files": "De controle van de systeembestanden is geannuleerd.",
                "disk": "De schijfcontrole is voortijdig gestopt.",
                "memory": "De geheugentest is door de gebruiker onderbroken.",
                "energy": "De energiecontrole is door de gebruiker geannuleerd.",
            },
        },
        "counts": "{errors} fouten, {warnings} waarschuwingen, {notes} opmerkingen",
    },
    "pl": {
        "asked": {
            "system-files": "sprawdz-pliki --napraw",
            "disk": "sprawdz-dysk D:",
            "energy": "sprawdz-energie",
            "memory": "sprawdz-pamiec",
        },
        "said": {
            "clean": {
                "system-files": "Nie znaleziono uszkodzonych plików systemowych.",
                "disk": "Nie znaleziono problemów na dysku D:.",
                "energy": "Kontrola energii nie wykryła problemów.",
                "memory": "Test pamięci nie wykrył błędów.",
            },
            "repaired": {
                "system-files": "Znaleziono i naprawiono uszkodzone pliki systemowe.",
                "disk": "Na dysku D: znaleziono błędy i naprawiono je.",
            },
            "damaged": {
                "system-files": "Znaleziono uszkodzone pliki systemowe; niektórych nie udało się naprawić.",
                "disk": "Dysk D: jest uszkodzony i nie udało się go naprawić.",
                "memory": "Test pamięci wykrył 3 błędy: pamięć jest wadliwa.",
            },
            "not-finished": {
                "system-files": "Sprawdzanie plików systemowych zostało anulowane.",
                "disk": "Sprawdzanie dysku zatrzymano przed końcem.",
                "memory": "Test pamięci został przerwany przez użytkownika.",
                "energy": "Kontrola energii została anulowana przez użytkownika.",
            },
        },
        "counts": "{errors} błędów, {warnings} ostrzeżeń, {notes} uwag",
    },
}
