"""Things of the network and of what runs, in eight languages, as technicians and tools speak of them: what is asked for, and two or
three of each, with what every clause says of it."""

from typing import Any

THINGS: dict[str, Any] = {
    "en": {
        "event": ("events", (
            ('2025-02-10 08:14:02', '2025-02-10T08:14:02', (('error', 'level', 'error'), ('source Diskguard', 'source', 'diskguard'), ('id 7031', 'id', '7031'), ('The spooler stopped unexpectedly', 'text', 'The spooler stopped'))),
            ('2025-02-11 17:40:55', '2025-02-11T17:40:55', (('warning', 'level', 'warning'), ('source Clockwork', 'source', 'clockwork'), ('id 36', 'id', '36'), ('No time server answered', 'text', 'No time server'))),
        )),
        "route": ("routes", (
            ('10.20.3.0/24', '10.20.3.0', (('gateway 10.20.3.1', 'gateway', '10.20.3.1'), ('interface eth-a', 'interface', 'eth-a'), ('metric 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('via 10.20.3.254', 'gateway', '10.20.3.254'), ('metric 10', 'metric', '10'))),
        )),
        "neighbour": ("neighbours", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dynamic', 'kind', 'dynamic'), ('on eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('static', 'kind', 'static'))),
        )),
        "process": ("processes", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('user jreiter', 'user', 'jreiter'), ('212 MB', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('user system', 'user', 'system'), ('48 MB', 'memory', None))),
        )),
        "connection": ("sockets", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('to 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('established', 'state', 'established'), ('pid 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('to 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('waiting to close', 'state', None), ('pid 884', 'pid', '884'))),
        )),
        "reach": ("reach", (
            ('10.20.3.1', '10.20.3.1', (('4 sent', 'sent', '4'), ('4 received', 'received', '4'), ('0 lost', 'lost', '0'), ('average 2 ms', 'average', None))),
            ('files.harbour.example', 'files.harbour.example', (('4 sent', 'sent', '4'), ('3 received', 'received', '3'), ('1 lost', 'lost', '1'), ('average 14 ms', 'average', None))),
        )),
        "lookup": ("lookup", (
            ('files.harbour.example', 'files.harbour.example', (('10.20.1.90', 'address', None),)),
            ('mail.harbour.example', 'mail.harbour.example', (('not found', 'address', None),)),
        )),
        "policy": ("audit policy", (
            ('Sign-in', 'Sign-in', (('success and failure', 'records', 'both'),)),
            ('Object access', 'Object access', (('failure', 'records', 'failure'),)),
            ('Policy change', 'Policy change', (('no auditing', 'records', 'none'),)),
        )),
    },
    "de": {
        "route": ("routen", (
            ('10.20.3.0/24', '10.20.3.0', (('Gateway 10.20.3.1', 'gateway', '10.20.3.1'), ('Schnittstelle eth-a', 'interface', 'eth-a'), ('Metrik 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('über 10.20.3.254', 'gateway', '10.20.3.254'), ('Metrik 10', 'metric', '10'))),
        )),
        "neighbour": ("nachbarn", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dynamisch', 'kind', 'dynamic'), ('an eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('MAC 3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('statisch', 'kind', 'static'))),
        )),
        "process": ("prozesse", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('Benutzer jreiter', 'user', 'jreiter'), ('212 MB', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('Benutzer system', 'user', 'system'), ('48 MB Speicher', 'memory', None))),
        )),
        "connection": ("verbindungen", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('nach 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('hergestellt', 'state', 'hergestellt'), ('PID 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('nach 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('geschlossen', 'state', 'geschlossen'), ('Prozess 884', 'pid', '884'))),
        )),
        "reach": ("echo", (
            ('10.20.3.1', '10.20.3.1', (('4 gesendet', 'sent', '4'), ('4 empfangen', 'received', '4'), ('0 verloren', 'lost', '0'), ('Mittel 2 ms', 'average', None))),
            ('dateien.hafen.example', 'dateien.hafen.example', (('4 gesendet', 'sent', '4'), ('3 empfangen', 'received', '3'), ('1 verloren', 'lost', '1'), ('Mittel 14 ms', 'average', None))),
        )),
        "policy": ("überwachungsrichtlinie", (
            ('Anmeldung', 'Anmeldung', (('Erfolg und Fehler', 'records', 'both'),)),
            ('Objektzugriff', 'Objektzugriff', (('Fehler', 'records', 'failure'),)),
            ('Richtlinienänderung', 'Richtlinienänderung', (('keine Überwachung', 'records', 'none'),)),
        )),
        "lookup": ("namen auflösen", (
            ('dateien.hafen.example', 'dateien.hafen.example', (('10.20.1.90', 'address', None),)),
            ('post.hafen.example', 'post.hafen.example', (('nicht gefunden', 'address', None),)),
        )),
        "event": ("ereignisse", (
            ('10.02.2025 08:14:02', '2025-02-10T08:14:02', (('Fehler', 'level', 'fehler'), ('Quelle Diskguard', 'source', 'diskguard'), ('ID 7031', 'id', '7031'), ('Die Druckwarteschlange wurde unerwartet beendet', 'text', 'die druck'))),
            ('11.02.2025 17:40:55', '2025-02-11T17:40:55', (('Warnung', 'level', 'warnung'), ('Quelle Clockwork', 'source', 'clockwork'), ('ID 36', 'id', '36'), ('Kein Zeitserver hat geantwortet', 'text', 'kein zeit'))),
        )),
    },
    "fr": {
        "route": ("routes", (
            ('10.20.3.0/24', '10.20.3.0', (('passerelle 10.20.3.1', 'gateway', '10.20.3.1'), ('interface eth-a', 'interface', 'eth-a'), ('métrique 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('via 10.20.3.254', 'gateway', '10.20.3.254'), ('métrique 10', 'metric', '10'))),
        )),
        "neighbour": ("voisins", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dynamique', 'kind', 'dynamic'), ('sur eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('MAC 3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('statique', 'kind', 'static'))),
        )),
        "process": ("processus", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('utilisateur jreiter', 'user', 'jreiter'), ('212 Mo', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('utilisateur system', 'user', 'system'), ('48 Mo de mémoire', 'memory', None))),
        )),
        "connection": ("connexions", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('vers 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('établie', 'state', 'établie'), ('PID 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('vers 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('fermée', 'state', 'fermée'), ('processus 884', 'pid', '884'))),
        )),
        "reach": ("écho", (
            ('10.20.3.1', '10.20.3.1', (('4 envoyés', 'sent', '4'), ('4 reçus', 'received', '4'), ('0 perdu', 'lost', '0'), ('moyenne 2 ms', 'average', None))),
            ('fichiers.port.example', 'fichiers.port.example', (('4 envoyés', 'sent', '4'), ('3 reçus', 'received', '3'), ('1 perdu', 'lost', '1'), ('moyenne 14 ms', 'average', None))),
        )),
        "policy": ("stratégie d'audit", (
            ('Ouverture de session', 'Ouverture de session', (('succès et échec', 'records', 'both'),)),
            ('Accès aux objets', 'Accès aux objets', (('échec', 'records', 'failure'),)),
            ('Modification de stratégie', 'Modification de stratégie', (('aucun audit', 'records', 'none'),)),
        )),
        "lookup": ("résolution", (
            ('fichiers.port.example', 'fichiers.port.example', (('10.20.1.90', 'address', None),)),
            ('courrier.port.example', 'courrier.port.example', (('introuvable', 'address', None),)),
        )),
        "event": ("événements", (
            ('10/02/2025 08:14:02', '2025-02-10T08:14:02', (('erreur', 'level', 'erreur'), ('source Diskguard', 'source', 'diskguard'), ('id 7031', 'id', '7031'), ("Le spouleur s'est arrêté sans prévenir", 'text', 'le spou'))),
            ('11/02/2025 17:40:55', '2025-02-11T17:40:55', (('avertissement', 'level', 'avert'), ('source Clockwork', 'source', 'clockwork'), ('id 36', 'id', '36'), ("Aucun serveur de temps n'a répondu", 'text', 'aucun'))),
        )),
    },
    "es": {
        "route": ("rutas", (
            ('10.20.3.0/24', '10.20.3.0', (('puerta de enlace 10.20.3.1', 'gateway', '10.20.3.1'), ('interfaz eth-a', 'interface', 'eth-a'), ('métrica 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('por 10.20.3.254', 'gateway', '10.20.3.254'), ('métrica 10', 'metric', '10'))),
        )),
        "neighbour": ("vecinos", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dinámico', 'kind', 'dynamic'), ('en eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('MAC 3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('estático', 'kind', 'static'))),
        )),
        "process": ("procesos", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('usuario jreiter', 'user', 'jreiter'), ('212 MB', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('usuario system', 'user', 'system'), ('48 MB de memoria', 'memory', None))),
        )),
        "connection": ("conexiones", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('hacia 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('establecida', 'state', 'establecida'), ('PID 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('a 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('cerrada', 'state', 'cerrada'), ('proceso 884', 'pid', '884'))),
        )),
        "reach": ("eco", (
            ('10.20.3.1', '10.20.3.1', (('4 enviados', 'sent', '4'), ('4 recibidos', 'received', '4'), ('0 perdidos', 'lost', '0'), ('media 2 ms', 'average', None))),
            ('ficheros.puerto.example', 'ficheros.puerto.example', (('4 enviados', 'sent', '4'), ('3 recibidos', 'received', '3'), ('1 perdido', 'lost', '1'), ('media 14 ms', 'average', None))),
        )),
        "policy": ("directiva de auditoría", (
            ('Inicio de sesión', 'Inicio de sesión', (('aciertos y errores', 'records', 'both'),)),
            ('Acceso a objetos', 'Acceso a objetos', (('errores', 'records', 'failure'),)),
            ('Cambio de directiva', 'Cambio de directiva', (('sin auditoría', 'records', 'none'),)),
        )),
        "lookup": ("consulta dns", (
            ('ficheros.puerto.example', 'ficheros.puerto.example', (('10.20.1.90', 'address', None),)),
            ('correo.puerto.example', 'correo.puerto.example', (('no encontrado', 'address', None),)),
        )),
        "event": ("sucesos", (
            ('10/02/2025 08:14:02', '2025-02-10T08:14:02', (('error', 'level', 'error'), ('origen Diskguard', 'source', 'diskguard'), ('id 7031', 'id', '7031'), ('La cola de impresión se detuvo inesperadamente', 'text', 'la cola'))),
            ('11/02/2025 17:40:55', '2025-02-11T17:40:55', (('advertencia', 'level', 'adv'), ('origen Clockwork', 'source', 'clockwork'), ('id 36', 'id', '36'), ('Ningún servidor de hora respondió', 'text', 'ning'))),
        )),
    },
    "pt": {
        "route": ("rotas", (
            ('10.20.3.0/24', '10.20.3.0', (('gateway 10.20.3.1', 'gateway', '10.20.3.1'), ('interface eth-a', 'interface', 'eth-a'), ('métrica 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('por 10.20.3.254', 'gateway', '10.20.3.254'), ('métrica 10', 'metric', '10'))),
        )),
        "neighbour": ("vizinhos", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dinâmico', 'kind', 'dynamic'), ('em eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('MAC 3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('estático', 'kind', 'static'))),
        )),
        "process": ("processos", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('utilizador jreiter', 'user', 'jreiter'), ('212 MB', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('utilizador system', 'user', 'system'), ('48 MB de memória', 'memory', None))),
        )),
        "connection": ("ligações", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('para 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('estabelecida', 'state', 'estabelecida'), ('PID 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('para 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('fechada', 'state', 'fechada'), ('processo 884', 'pid', '884'))),
        )),
        "reach": ("eco", (
            ('10.20.3.1', '10.20.3.1', (('4 enviados', 'sent', '4'), ('4 recebidos', 'received', '4'), ('0 perdidos', 'lost', '0'), ('média 2 ms', 'average', None))),
            ('ficheiros.porto.example', 'ficheiros.porto.example', (('4 enviados', 'sent', '4'), ('3 recebidos', 'received', '3'), ('1 perdido', 'lost', '1'), ('média 14 ms', 'average', None))),
        )),
        "policy": ("política de auditoria", (
            ('Início de sessão', 'Início de sessão', (('êxito e falha', 'records', 'both'),)),
            ('Acesso a objetos', 'Acesso a objetos', (('falha', 'records', 'failure'),)),
            ('Alteração de política', 'Alteração de política', (('sem auditoria', 'records', 'none'),)),
        )),
        "lookup": ("resolver nomes", (
            ('ficheiros.porto.example', 'ficheiros.porto.example', (('10.20.1.90', 'address', None),)),
            ('correio.porto.example', 'correio.porto.example', (('não encontrado', 'address', None),)),
        )),
        "event": ("eventos", (
            ('10/02/2025 08:14:02', '2025-02-10T08:14:02', (('erro', 'level', 'erro'), ('origem Diskguard', 'source', 'diskguard'), ('id 7031', 'id', '7031'), ('O spooler parou inesperadamente', 'text', 'o spooler'))),
            ('11/02/2025 17:40:55', '2025-02-11T17:40:55', (('aviso', 'level', 'aviso'), ('origem Clockwork', 'source', 'clockwork'), ('id 36', 'id', '36'), ('Nenhum servidor de hora respondeu', 'text', 'nenhum'))),
        )),
    },
    "it": {
        "route": ("percorsi", (
            ('10.20.3.0/24', '10.20.3.0', (('gateway 10.20.3.1', 'gateway', '10.20.3.1'), ('interfaccia eth-a', 'interface', 'eth-a'), ('metrica 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('tramite 10.20.3.254', 'gateway', '10.20.3.254'), ('metrica 10', 'metric', '10'))),
        )),
        "neighbour": ("vicini", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dinamico', 'kind', 'dynamic'), ('su eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('MAC 3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('statico', 'kind', 'static'))),
        )),
        "process": ("processi", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('utente jreiter', 'user', 'jreiter'), ('212 MB', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('utente system', 'user', 'system'), ('48 MB di memoria', 'memory', None))),
        )),
        "connection": ("connessioni", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('verso 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('stabilita', 'state', 'stabilita'), ('PID 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('verso 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('chiusa', 'state', 'chiusa'), ('processo 884', 'pid', '884'))),
        )),
        "reach": ("eco", (
            ('10.20.3.1', '10.20.3.1', (('4 inviati', 'sent', '4'), ('4 ricevuti', 'received', '4'), ('0 persi', 'lost', '0'), ('media 2 ms', 'average', None))),
            ('archivio.porto.example', 'archivio.porto.example', (('4 inviati', 'sent', '4'), ('3 ricevuti', 'received', '3'), ('1 perso', 'lost', '1'), ('media 14 ms', 'average', None))),
        )),
        "policy": ("criteri di controllo", (
            ('Accesso', 'Accesso', (('esito positivo e negativo', 'records', 'both'),)),
            ('Accesso agli oggetti', 'Accesso agli oggetti', (('esito negativo', 'records', 'failure'),)),
            ('Modifica dei criteri', 'Modifica dei criteri', (('nessun controllo', 'records', 'none'),)),
        )),
        "lookup": ("risoluzione nomi", (
            ('archivio.porto.example', 'archivio.porto.example', (('10.20.1.90', 'address', None),)),
            ('posta.porto.example', 'posta.porto.example', (('non trovato', 'address', None),)),
        )),
        "event": ("eventi", (
            ('10/02/2025 08:14:02', '2025-02-10T08:14:02', (('errore', 'level', 'errore'), ('origine Diskguard', 'source', 'diskguard'), ('id 7031', 'id', '7031'), ('Lo spooler si è fermato inaspettatamente', 'text', 'lo spooler'))),
            ('11/02/2025 17:40:55', '2025-02-11T17:40:55', (('avviso', 'level', 'avviso'), ('origine Clockwork', 'source', 'clockwork'), ('id 36', 'id', '36'), ("Nessun server dell'ora ha risposto", 'text', 'nessun'))),
        )),
    },
    "nl": {
        "route": ("routes", (
            ('10.20.3.0/24', '10.20.3.0', (('gateway 10.20.3.1', 'gateway', '10.20.3.1'), ('interface eth-a', 'interface', 'eth-a'), ('metriek 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('via 10.20.3.254', 'gateway', '10.20.3.254'), ('metriek 10', 'metric', '10'))),
        )),
        "neighbour": ("buren", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dynamisch', 'kind', 'dynamic'), ('op eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('MAC 3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('statisch', 'kind', 'static'))),
        )),
        "process": ("processen", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('gebruiker jreiter', 'user', 'jreiter'), ('212 MB', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('gebruiker system', 'user', 'system'), ('48 MB geheugen', 'memory', None))),
        )),
        "connection": ("verbindingen", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('naar 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('verbonden', 'state', 'verbonden'), ('PID 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('naar 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('gesloten', 'state', 'gesloten'), ('proces 884', 'pid', '884'))),
        )),
        "reach": ("echo", (
            ('10.20.3.1', '10.20.3.1', (('4 verzonden', 'sent', '4'), ('4 ontvangen', 'received', '4'), ('0 verloren', 'lost', '0'), ('gemiddeld 2 ms', 'average', None))),
            ('bestanden.haven.example', 'bestanden.haven.example', (('4 verzonden', 'sent', '4'), ('3 ontvangen', 'received', '3'), ('1 verloren', 'lost', '1'), ('gemiddeld 14 ms', 'average', None))),
        )),
        "policy": ("auditbeleid", (
            ('Aanmelding', 'Aanmelding', (('geslaagd en mislukt', 'records', 'both'),)),
            ('Objecttoegang', 'Objecttoegang', (('mislukt', 'records', 'failure'),)),
            ('Beleidswijziging', 'Beleidswijziging', (('geen controle', 'records', 'none'),)),
        )),
        "lookup": ("naam opzoeken", (
            ('bestanden.haven.example', 'bestanden.haven.example', (('10.20.1.90', 'address', None),)),
            ('post.haven.example', 'post.haven.example', (('niet gevonden', 'address', None),)),
        )),
        "event": ("gebeurtenissen", (
            ('10-02-2025 08:14:02', '2025-02-10T08:14:02', (('fout', 'level', 'fout'), ('bron Diskguard', 'source', 'diskguard'), ('id 7031', 'id', '7031'), ('De spooler is onverwacht gestopt', 'text', 'de spooler'))),
            ('11-02-2025 17:40:55', '2025-02-11T17:40:55', (('waarschuwing', 'level', 'waar'), ('bron Clockwork', 'source', 'clockwork'), ('id 36', 'id', '36'), ('Geen tijdserver heeft geantwoord', 'text', 'geen'))),
        )),
    },
    "pl": {
        "route": ("trasy", (
            ('10.20.3.0/24', '10.20.3.0', (('brama 10.20.3.1', 'gateway', '10.20.3.1'), ('interfejs eth-a', 'interface', 'eth-a'), ('metryka 25', 'metric', '25'))),
            ('0.0.0.0/0', '0.0.0.0', (('przez 10.20.3.254', 'gateway', '10.20.3.254'), ('metryka 10', 'metric', '10'))),
        )),
        "neighbour": ("sąsiedzi", (
            ('10.20.3.1', '10.20.3.1', (('3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'), ('dynamiczny', 'kind', 'dynamic'), ('na eth-a', 'interface', 'eth-a'))),
            ('10.20.3.9', '10.20.3.9', (('MAC 3c:5a:b4:10:77:e9', 'mac', '3c:5a:b4:10:77:e9'), ('statyczny', 'kind', 'static'))),
        )),
        "process": ("procesy", (
            ('4120', '4120', (('quayd', 'name', 'quayd'), ('użytkownik jreiter', 'user', 'jreiter'), ('212 MB', 'memory', None))),
            ('884', '884', (('spoolhost', 'name', 'spoolhost'), ('użytkownik system', 'user', 'system'), ('48 MB pamięci', 'memory', None))),
        )),
        "connection": ("połączenia", (
            ('10.20.3.41:52110', '10.20.3.41:52110', (('do 10.20.1.90:445', 'remote', '10.20.1.90:445'), ('tcp', 'protocol', 'tcp'), ('nawiązane', 'state', 'nawiązane'), ('PID 4120', 'pid', '4120'))),
            ('10.20.3.41:52144', '10.20.3.41:52144', (('do 10.20.1.7:8443', 'remote', '10.20.1.7:8443'), ('tcp', 'protocol', 'tcp'), ('zamknięte', 'state', 'zamknięte'), ('proces 884', 'pid', '884'))),
        )),
        "reach": ("echo", (
            ('10.20.3.1', '10.20.3.1', (('4 wysłane', 'sent', '4'), ('4 odebrane', 'received', '4'), ('0 utraconych', 'lost', '0'), ('średnio 2 ms', 'average', None))),
            ('pliki.port.example', 'pliki.port.example', (('4 wysłane', 'sent', '4'), ('3 odebrane', 'received', '3'), ('1 utracony', 'lost', '1'), ('średnio 14 ms', 'average', None))),
        )),
        "policy": ("zasady inspekcji", (
            ('Logowanie', 'Logowanie', (('sukces i niepowodzenie', 'records', 'both'),)),
            ('Dostęp do obiektów', 'Dostęp do obiektów', (('niepowodzenie', 'records', 'failure'),)),
            ('Zmiana zasad', 'Zmiana zasad', (('brak inspekcji', 'records', 'none'),)),
        )),
        "lookup": ("rozwiązywanie nazw", (
            ('pliki.port.example', 'pliki.port.example', (('10.20.1.90', 'address', None),)),
            ('poczta.port.example', 'poczta.port.example', (('nie znaleziono', 'address', None),)),
        )),
        "event": ("zdarzenia", (
            ('10.02.2025 08:14:02', '2025-02-10T08:14:02', (('błąd', 'level', 'błąd'), ('źródło Diskguard', 'source', 'diskguard'), ('id 7031', 'id', '7031'), ('Bufor wydruku zatrzymał się nieoczekiwanie', 'text', 'bufor'))),
            ('11.02.2025 17:40:55', '2025-02-11T17:40:55', (('ostrzeżenie', 'level', 'ostrz'), ('źródło Clockwork', 'source', 'clockwork'), ('id 36', 'id', '36'), ('Żaden serwer czasu nie odpowiedział', 'text', 'żaden'))),
        )),
    },
}  # fmt: skip
