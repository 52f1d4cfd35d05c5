<?php

declare(strict_types=1);

/*
 * How the trade speaks Spanish, on both sides of the ocean. How a phrase is written stands in en.php.
 */
return [
    'numbers' => [
        'cero' => 0, 'un' => 1, 'uno' => 1, 'una' => 1, 'dos' => 2, 'tres' => 3, 'cuatro' => 4, 'cinco' => 5, 'seis' => 6,
        'siete' => 7, 'ocho' => 8, 'nueve' => 9, 'diez' => 10, 'once' => 11, 'doce' => 12, 'trece' => 13, 'catorce' => 14,
        'quince' => 15, 'dieciséis' => 16, 'diecisiete' => 17, 'dieciocho' => 18, 'diecinueve' => 19, 'veinte' => 20,
        'veintiuno' => 21, 'veintiún' => 21, 'veintidós' => 22, 'veintitrés' => 23, 'veinticuatro' => 24, 'veinticinco' => 25,
        'veintiséis' => 26, 'veintisiete' => 27, 'veintiocho' => 28, 'veintinueve' => 29, 'treinta' => 30, 'cuarenta' => 40,
        'cincuenta' => 50, 'sesenta' => 60, 'setenta' => 70, 'ochenta' => 80, 'noventa' => 90, 'cien' => 100, 'ciento' => 100,
        'doscientos' => 200, 'trescientos' => 300, 'cuatrocientos' => 400, 'quinientos' => 500,
    ],
    // "treinta y dos"
    'tens_and' => ['y'],
    'drawn_together' => ['al' => 'a el', 'del' => 'de el'],
    'misheard' => [],
    'fractions' => [
        'medio' => 0.5, 'media' => 0.5, 'mitad' => 0.5, 'tercio' => 1 / 3, 'tercios' => 1 / 3, 'cuarto' => 0.25, 'cuartos' => 0.25,
        'octavo' => 0.125, 'octavos' => 0.125, 'dieciseisavo' => 0.0625, 'dieciseisavos' => 0.0625,
    ],
    'full' => ['buen', 'buena', 'medio', 'media'],
    'bare_units' => [],
    'known' => ['el', 'la', 'los', 'las', 'mi', 'mis', 'nuestro', 'nuestra', 'su', 'este', 'esta', 'ese', 'esa'],
    'before_names' => [
        'un', 'una', 'unos', 'unas', 'el', 'la', 'los', 'las', 'algo', 'de', 'poco', 'otro', 'otra', 'hay', 'tiene', 'con',
        'pequeña',
        'pequeño', 'gran', 'mala', 'buena', 'es', 'más', 'pocas', 'algunas', 'muchas',
    ],
    'one' => ['un', 'una', 'otro', 'otra'],
    'articles' => ['un', 'una', 'el', 'la', 'los', 'las', 'unos', 'unas', 'otro', 'otra'],
    'and' => ['y', 'e'],
    'the_same' => ['mismo', 'misma'],
    'subjects' => ['estoy', 'estamos', 'ya', 'se', 'es'],
    'joins' => ['y', 'con', 'porque', 'donde', 'más', ','],
    'phrase_goes_on' => [
        'un', 'una', 'el', 'la', 'los', 'las', 'a', 'de', 'del', 'al', 'y', 'en', 'es', 'está', 'que', 'con', 'por', 'para', 'unos', 'unas',
        'se', 'hay', 'su', 'este', 'esta', 'o', 'pero', 'como', 'muy', 'hasta', 'desde',
    ],
    // Between metres and centimetres without their name.
    'parts_after' => ['con'],
    'nothing_there' => ['bien', 'limpio', 'limpia', 'nada', 'perfecto', 'perfecta'],
    'pronouns' => ['uno', 'una'],
    'before_pronouns' => ['cada', 'este', 'esta', 'ese', 'esa', 'el', 'la'],
    'is' => ['es', 'está', 'son', 'están', 'hay'],
    'of' => ['de'],
    'or' => ['o', 'u'],
    'point' => ['punto', 'coma'],
    // "doce metros noventa a la izquierda" is a turn and no centimetres.
    'turn_words' => ['codo', 'curva', 'giro', 'a'],
    'has' => ['tiene', 'tienen'],
    'times' => ['por', 'x'],
    // A number behind one of these is a name.
    'numbered' => ['trabajo', 'número', 'apartamento', 'lote', 'edificio', 'parte'],
    // Where as well as till where: "a doce pies, a quince pies".
    'at_or_to' => ['a', 'los', 'unos', 'como'],
    // A number behind it is an hour: "a las tres".
    'hours_after' => ['las'],
    'feet' => ['pie', 'pies', "'", 'ft'],
    'bare_inches_after' => ['pie', 'pies', "'", 'ft'],
    'singular' => [],
    'inches' => ['pulgada', 'pulgadas', 'pulg', '"'],
    'large' => ['m' => 1.0, 'metro' => 1.0, 'metros' => 1.0, 'mts' => 1.0, 'mt' => 1.0],
    'small' => [
        'mm' => 0.001, 'milímetro' => 0.001, 'milímetros' => 0.001, 'milimetros' => 0.001, 'cm' => 0.01, 'centímetro' => 0.01,
        'centímetros' => 0.01, 'centimetros' => 0.01, 'centi' => 0.01, 'centis' => 0.01,
    ],
    'percent' => ['%', 'porciento', 'por ciento'],
    'degrees' => ['grado', 'grados', '°'],
    'clock' => [],
    // Dictation often leaves accents out.
    'spellings' => [
        'raices' => 'raíces', 'raiz' => 'raíz', 'dieciseis' => 'dieciséis', 'veintidos' => 'veintidós',
        'veintitres' => 'veintitrés',
        'veintiseis' => 'veintiséis', 'tambien' => 'también', 'estan' => 'están', 'aqui' => 'aquí', 'ahi' => 'ahí',
        'alli' => 'ahí', 'allí' => 'ahí', 'acá' => 'aquí', 'aca' => 'aquí', 'mas' => 'más', 'ningun' => 'ningún',
        'camara' => 'cámara',
        'tuberia' => 'tubería', 'conexion' => 'conexión', 'union' => 'unión', 'obstruccion' => 'obstrucción',
        'corrosion' => 'corrosión',
        'fracturacion' => 'fractura', 'deposito' => 'depósito', 'depositos' => 'depósitos', 'oxido' => 'óxido', 'tunel' => 'túnel',
        'ultima' => 'última', 'ultimo' => 'último', 'parecio' => 'pareció', 'sifon' => 'sifón', 'creeria' => 'creo',
        'tambor' => 'tambor',
        'caida' => 'caída', 'vacio' => 'vacío', 'atras' => 'atrás', 'despues' => 'después', 'mantencion' => 'mantenimiento',
        'fisura' => 'grieta', 'fisuras' => 'grietas', 'rajadura' => 'grieta', 'rajaduras' => 'grietas', 'caño' => 'tubo',
        'cañería' => 'tubo',
        'tubería' => 'tubo', 'cañeria' => 'tubo', 'drenaje' => 'línea', 'desagüe' => 'línea', 'linea' => 'línea',
        'ahorita' => 'ahora',
    ],
    'small_words' => [
        'es', 'está', 'son', 'hay', 'con', 'en', 'a', 'el', 'la', 'los', 'las', 'lo', 'se', 'que', 'de', 'al', 'del', 'por',
        'tubo', 'línea',
        'lado', 'como', 'más', 'muy', 'un', 'una', 'pie', 'pies', 'metros', 'metro', 'pulgadas', 'yo', 'me', 'te', 'nos', 'le',
        'su', 'ya',
        'junta', 'unos', 'unas', 'para', 'poco', 'tiene',
    ],
    'fillers' => [
        'eh', 'em', 'mmm', 'pues', 'este', 'digamos', 'mira', 'mire', 'oye', 'bueno', 'osea', 'sea', 'básicamente', 'realmente',
    ],
    'filler_phrases' => ['o sea', 'es decir', 'a ver', 'digamos que', 'la verdad', 'la verdad es que', 'por así decir', 'como quien dice'],
    // Behind "a ver" one of these makes a question of it.
    'asked_about' => ['si', 'qué', 'cómo', 'dónde', 'quién', 'cuándo'],
    'unfinished' => ['un', 'una', 'el', 'la', 'los', 'las', 'a', 'de', 'del', 'al', 'en', 'con', 'desde', 'hasta', 'muy', 'otro', 'otra'],
    'hesitations' => ['vale', 'ok', 'okay', 'entonces', 'bien'],
    'water' => ['agua'],
    'clumps' => ['masa', 'bola', 'bolas', 'tapón', 'grueso', 'gruesa', 'fuerte', 'fuertes', 'enorme', 'mucha', 'muchas'],
    'ask_first' => ['hay', 'es', 'está', 'será', 'qué', 'cuál', 'dónde', 'tiene', 'tienen', 'habrá', 'ves', 've', 'cómo'],
    'turns' => ['noventa'],
    'described' => ['ramal', 'línea', 'colector', 'tubo'],
    'after_places' => [
        'porque', 'ya', 'estamos', 'está', 'hay', 'que', 'donde', 'entonces', 'y', 'el', 'la', 'es', 'tiene', 'con', 'se', 'un',
        'una',
        'unas', 'unos', 'tubo', 'línea', 'algo', 'o', 'en', 'veo', 'vemos', 'empieza', 'otra', 'otro', 'aquí', 'ahí', 'más',
        'los', 'las',
    ],
    'counted' => [
        'calle', 'avenida', 'dólares', 'pesos', 'euros', 'psi', 'galones', 'minutos', 'minuto', 'horas', 'hora', 'días',
        'semanas', 'meses',
        'años', 'año', 'veces', 'baños', 'personas', 'casas', 'segundos', 'litros', 'bares', 'bar', 'grados', 'cientos',
        'juntas', 'tramos',
    ],
    'phrases' => [
        'command' => [
            'again' => ['lo mismo otra vez', 'otra vez lo mismo', 'uno|una más igual', 'otro|otra igual', 'repite|repetir (eso)'],
            'undo' => [
                'deshacer (eso|lo)*', 'deshaz eso', 'borra|borrar|quita|cancela (eso|lo)* (último|última)*',
                'retira|retirar eso',
            ],
            'place' => [
                'eso|ese|esa era|es|fue|estaba (a|en|los)*', 'la|el última|último era|estaba a (los)', 'eso estaba a (los)',
                'mejor pon|ponlo a (los)',
            ],
        ],
        'kind' => [
            'root_threads' => [
                '(unas|algunas|pocas)* raíces|raíz (muy)* finas|fina|finitas|delgadas|pequeñas|chiquitas', 'raicillas', 'raicitas',
                'pelos|pelitos|hilos|hilitos de raíz|raíces', 'barbas (de raíz)', 'cabello(s) de raíz',
                'raíces como pelo|pelos|cabello',
            ],
            'root_clump' => [
                'masa|bola|tapón|mata|maraña|ovillo|madeja|cola de raíces|raíz|zorro', 'bolas|masas de raíces',
                '(muchas)* raíces muy fuertes|gruesas|grandes|tupidas|densas', 'raíces fuertes|tupidas|densas', 'pura raíz',
                'lleno|llena|tapado|tapada de raíces',
            ],
            'root_cords' => [
                'raíz|raíces (que)* (entran|entrando|salen|saliendo|entra|cuelgan)*', 'raíces gruesas', 'entrada de raíces',
            ],
            'low_spot' => [
                'punto|zona|tramo|parte bajo|baja', 'hundimiento(s)', 'panza(s)', 'barriga(s)', 'columpio', 'bache(s)',
                'contrapendiente',
                '(el|la)* tubo|línea (está|se)* hundido|hundida|hunde|pandeado|pandeada', 'se hunde', 'hundido|hundida|hundidos',
                'vaguada',
            ],
            'low_spot+water' => [
                'agua (que|está)* parada|estancada|detenida|quieta|acumulada|retenida',
                'retiene|guarda|junta|acumula (algo|un|poco|de)* agua',
                'charco(s) (de agua)', 'encharcado|encharcada', 'agua en el fondo', 'medio tubo de agua', 'empieza (el)* agua',
                'nivel de agua', 'con agua', 'hay agua', 'tiene agua',
            ],
            'low_spot+lens_under=yes' => [
                '(la)* cámara|lente (está|queda|va|se)* debajo|bajo|sumergida|metida (del|de|el)* agua', 'bajo el agua',
                'debajo de|del (el)* agua', 'sumergida|sumergido', 'cámara|lente sumergida', 'lleno|llena de agua',
            ],
            'standing_water' => ['agua retenida detrás', 'agua detrás de|del (el|la|lo|eso)*', 'agua represada'],
            'offset_joint' => [
                'junta|unión|tubo|empate|campana (está|muy|un|poco|bastante|algo)* desplazada|desplazado|corrida|corrido|movida|movido',
                'junta|unión|empate (está|muy|un|poco|algo)* desalineada|desalineado|desfasada|desfasado|descuadrada',
                'desplazamiento (de|en|la|junta)*', 'desalineamiento', 'escalón (en|de|la|junta)*', 'escalones', 'desfase',
                'desnivel en la junta',
                'labio(s)', 'desplazada', 'desalineada', 'tubo|tubos (se)* corrido|corridos|movido|desplazado',
            ],
            'separated_joint' => [
                'junta|unión|empate|tubos (está|están|muy|un|poco|bastante|se)* abierta|abierto|separada|separado|separados|abrió',
                'separación (de|en|la|junta)*', 'hueco en la junta|unión', 'abertura en la junta|unión',
                'junta separada|abierta', 'está|están (muy|un|poco|bastante|algo)* abierta|separada',
            ],
            'failed_seal' => [
                'sello|goma|empaque|anillo (de|la|junta|está)* salido|salida|colgando|suelto|suelta|roto|rota|falla|fallido|fuera',
                '(se)* salió el|la sello|goma|empaque|anillo', 'goma|empaque|sello en el tubo', 'goma|empaque|sello colgando',
            ],
            'sound_joint' => ['junta sana|buena|bien|limpia'],
            'crack' => [
                'grieta', 'agrietado|agrietada', 'fractura', 'rajado|rajada', 'fracturado|fracturada', 'cuarteado|cuarteada',
                'raja',
            ],
            'crack+crack_state=several' => [
                'grietas', 'fracturas', 'varias|muchas|algunas grietas|fracturas', 'agrietado por todos lados', 'rajas',
            ],
            'crack+crack_state=closed' => [
                'grieta|fractura (muy)* cerrada|fina|finita|capilar', 'pelo de grieta', 'grieta como un pelo',
            ],
            'crack+crack_state=open' => ['grieta|fractura (está|muy|bien)* abierta', 'grieta|raja ancha|grande', 'abierta la grieta'],
            'broken_pipe' => [
                'tubo|línea|pared|campana (está|muy|bien)* roto|rota|quebrado|quebrada|reventado|colapsado|colapsada|aplastado|despedazado',
                'rotura(s)', 'roto|rota|rotos|quebrado|quebrada', 'falta (un)* pedazo|trozo|parte (de|del|tubo)*', 'colapso',
                'colapsado|colapsada',
                'derrumbe', 'derrumbado', 'pedazo|trozo (de|tubo)* roto|quebrado|suelto', 'pedazos de tubo',
            ],
            'broken_pipe+crown_gone=yes' => [
                'falta la clave|corona', 'falta el techo', 'sin clave|techo|corona',
                '(la)* clave|corona (está|se)* caída|cayó|rota|falta',
                '(el)* techo (del|de|el|tubo|se)* caído|cayó|roto',
            ],
            'hole' => ['agujero(s)', 'hoyo(s)', 'perforación', 'perforado|perforada', 'boquete', 'orificio', 'hueco'],
            'worn_invert+wear=gone' => [
                'sin fondo|solera|piso', 'falta el fondo|piso', 'falta la solera', 'no hay fondo|solera|piso',
                '(el|la)* fondo|solera|piso (del|de|el|tubo|está|se|muy|ya)* comido|comida|podrido|podrida|acabó|desapareció|ido|ida',
                'se comió el fondo', 'perdió el fondo|piso', 'perdió la solera', 'podrido|podrida|picado de óxido',
            ],
            'worn_invert+wear=thin' => [
                '(el|la)* fondo|solera|piso (del|de|el|tubo|está|se|muy|bastante|ya)* delgado|delgada|fino|fina|adelgazado|adelgazada',
            ],
            'worn_invert+wear=rough' => [
                '(el|la)* fondo|solera|piso (del|de|el|tubo|está|muy|bastante|algo|un|poco)* áspero|áspera|rugoso|rugosa',
                '(el|la)* fondo|solera|piso (del|de|el|tubo|está|muy|bastante|algo|un|poco)* gastado|gastada|desgastado|desgastada',
                '(el|la)* fondo|solera|piso (del|de|el|tubo|está|muy|bastante|algo|un|poco)* corroído|corroída|picado|picada|acanalado',
                'desgaste (en|del|de|el|la|fondo|solera|piso)*', 'corrosión (en|del|de|el|la|fondo|solera)*', 'corroído|corroída',
            ],
            'blister' => ['ampolla(s)', 'burbuja(s)', 'abombado|abombada', 'bulto en la manga', 'arruga(s) (en|de|la|manga)*'],
            'out_of_round' => [
                'ovalado|ovalada', 'deformado|deformada', 'aplanado|aplanada', 'ovalización', 'en forma de huevo',
                'achatado|achatada',
            ],
            'old_patch' => [
                'parche(s)', 'parchado|parchada|parcheado', 'reparación (vieja|anterior|antigua)*', '(ya)* reparado|reparada',
                'vendaje',
            ],
            'grease' => ['grasa(s)', 'grasoso|grasosa', 'sebo', 'manteca', 'acumulación de grasa'],
            'scale' => [
                'costra(s)', 'incrustación|incrustaciones', 'óxido', 'oxidado|oxidada', 'sarro', 'cal', 'caliche', 'herrumbre',
                'tubérculos',
                'costra de óxido',
            ],
            'scale+vague' => ['acumulación'],
            'sludge' => ['lodo(s)', 'fango', 'cieno', 'baba'],
            'sediment' => [
                'sedimento(s)', 'arena', 'grava', 'tierra en el fondo', 'barro en el fondo', 'limo', 'azolve', 'residuos',
                'gravilla',
                'arenilla', 'basura en el fondo',
            ],
            'construction_debris' => [
                'escombro(s) (de obra)', 'mortero', 'mezcla (seca|dura)*', 'cemento|concreto|hormigón en el fondo|tubo', 'yeso',
                'pintura',
                'lechada', 'restos|pedazos|trozos de cemento|concreto|hormigón|mortero|obra', 'cemento seco|endurecido',
            ],
            'rag' => [
                'trapo(s)', 'toallita(s) (húmedas)*', 'toalla(s)', 'tela(s)', 'pañal(es)', 'compresa(s)', 'papel (acumulado)*',
                'bayeta',
            ],
            'tool_part' => [
                'pieza|parte|pedazo de (la|una)* herramienta|máquina|cuchilla',
                'cuchilla|broca|boquilla rota|perdida|vieja|atorada',
                'broca',
            ],
            'broken_cable' => ['cable roto|perdido|viejo|quebrado', 'pedazo|trozo de cable|guía|sonda', 'guía|sonda rota|quebrada'],
            'stone' => ['piedra(s)', 'roca(s)', 'ladrillo(s)', 'guijarro(s)', 'cascote(s)'],
            'unknown_object' => [
                'objeto (extraño|desconocido)*', 'algo (que|está)* atorado|trabado|metido|atascado', 'juguete', 'tornillo(s)',
                'clavo(s)', 'varilla',
            ],
            'cross_bore' => [
                'tubo|línea|cable|ducto de (la|el)* gas|luz|electricidad|fibra|teléfono (que)* atraviesa|cruza|pasa|atravesado',
                'tubo|línea|cable|ducto de (la|el)* gas|luz|electricidad|fibra|teléfono cruzando|pasando|atravesando',
                'tubo|línea|cable|ducto (de)* (gas|luz|fibra)* atravesado|atravesada|cruzado (por|en|el|la|tubo)*',
                'servicio (que)* atraviesa|cruza', 'atraviesa el|la tubo|línea', 'perforaron (el|la)* tubo|línea',
            ],
            'tie_in' => [
                'entronque(s)', 'ramal(es)', 'injerto(s)', 'acometida lateral', 'conexión|conexiones (lateral|laterales)*',
                'lateral(es)', 'ye|yee',
                'te|tes', 'entra|llega|viene|baja|conecta otro|otra|un|una|el|la|línea tubo|ramal|línea',
                'derivación|derivaciones', 'i griega',
                'línea|tubo (que)* entra|llega|viene|conecta (de|por|del|desde)*', 'bajante (de|del|la)*',
            ],
            'wrong_fitting' => [
                'pieza|te|ye|accesorio|conexión (mal)* puesta|puesto|instalada|instalado|equivocada|equivocado',
                'te|ye|pieza al revés',
                'mal puesta|instalada la|una te|ye|pieza', 'te sanitaria acostada',
            ],
            'stubbed_hose' => [
                'manguera (metida|que|entra|en)*', 'tubo|ramal|conexión|acometida (que)* metido|metida|saliente|penetrante|invade',
                'tubo|ramal (que)* sobresale', 'conexión penetrante',
            ],
            'dead_leg' => [
                'ramal muerto|ciego|abandonado|tapado', 'línea muerta|abandonada', 'te|ye|ramal tapada|taponado|condenado',
                'no va a ningún lado',
            ],
            'transition' => [
                'transición', 'cambio (de)* material|tubo', 'cambia el material|tubo', 'cambia de material|tubo',
                'termina|acaba el hierro|barro|pvc|plástico|fundido',
            ],
            'bend' => ['curva(s)', 'codo(s)', 'giro', 'vuelta', 'dobla|doblez', 'quiebre', 'curva suave|cerrada|fuerte|larga'],
            'bend+clock=9' => [
                'curva|codo|giro|vuelta (suave|cerrada|fuerte|hacia|a|de)* (la)* izquierda',
                'dobla|gira|tuerce|va (hacia|a|la)* izquierda',
                'curva|codo izquierda|izquierdo',
            ],
            'bend+clock=3' => [
                'curva|codo|giro|vuelta (suave|cerrada|fuerte|hacia|a|de)* (la)* derecha',
                'dobla|gira|tuerce|va (hacia|a|la)* derecha',
                'curva|codo derecha|derecho',
            ],
            'opening_seen' => [
                'registro(s) (de)* (limpieza)*', 'boca de limpieza|acceso|inspección', 'tapón de registro|limpieza', 'acceso',
                'caja de registro',
            ],
            'end_of_line' => [
                'final|fin de la línea', 'final|fin del tubo', 'final del recorrido', 'fosa séptica', 'entra a|en la fosa',
                'tanque séptico',
                'llega|llegamos|llegué a la fosa|arqueta|pozo', 'tapa final', 'aquí termina|acaba la línea|tubo',
                'termina la línea',
            ],
            'end_of_line+name' => ['pozo (de visita)', 'arqueta', 'la arqueta', 'el pozo', 'fosa', 'la fosa'],
            'tap' => [
                'acometida (a|al|la|de|colector|red|calle)*',
                'conexión (a|al|con|la|de|en)* red|calle|colector|ciudad|municipal|principal',
                'llega|llegamos|llegué|entra|conecta|estamos|cae (a|al|en|el|con|la)* red|colector|principal|calle|municipal',
                'colector (municipal|público|principal|de|la|calle)*', 'red municipal|pública|principal', 'alcantarillado',
                'drenaje municipal',
                'línea principal de la calle|ciudad', 'alcantarilla (municipal|pública)*',
            ],
            'tap+name' => ['el colector', 'la red', 'la calle', 'la principal'],
            'short_fall' => [
                'poca|falta|insuficiente (de)* pendiente|caída', 'sin pendiente|caída', 'contra pendiente',
                'pendiente (al|a|el)* revés|inversa|contraria',
                'no tiene|hay pendiente|caída', 'sin desnivel', '(está|va|muy|casi)* plano|plana', 'pendiente negativa',
            ],
            'cannot_go_further' => [
                'no (se|lo|la)* puedo|puede|podemos|pude|pudo|pudimos pasar|seguir|avanzar|continuar (más|adelante|de|aquí)*',
                'no (me|nos)* deja|dejó pasar|seguir|avanzar|continuar',
                'no pasa|avanza (más|de|aquí|la|cámara)*',
                'ya no pasa|avanza|sigue|da (más)*',
                'no hay manera|forma de pasar|seguir',
                'hasta aquí llega|llego|llegamos|llegué (la|cámara)*',
                'hasta aquí nomás|nada|no (más)*',
                'se quedó|queda|quedo atorada|trabada|atascada (la|cámara)*',
                '(la)* cámara (está|se|quedó)* atorada|trabada|atascada|topó',
                'topa|topamos (con)* (algo)*',
                'imposible pasar|seguir|avanzar',
                '(la)* inspección abandonada',
                'no quiere pasar|avanzar|seguir',
            ],
            'sight_limited' => [
                'no (se)* veo|ve|vemos nada|bien',
                'no (se)* puedo|puede ver nada|bien',
                'casi no (se)* ve|veo',
                '(la)* lente|cámara (está|muy|un|poco|toda)* sucia|empañada|engrasada',
                'lente con grasa|lodo',
                'mala|poca visibilidad',
                'sin visibilidad',
                'se empañó',
            ],
        ],
        'root' => [
            'root_threads' => ['fina(s)', 'finitas', 'delgadas', 'como pelo|cabello', 'pelos', 'hilos'],
            'root_clump' => ['masa', 'bola', 'tapón', 'tupidas', 'densas', 'maraña', 'fuertes'],
        ],
        'fact' => [
            'soil_seen=yes' => [
                '(se)* ve|vemos|veo (la|algo|de)* tierra',
                'tierra (que|está|se)* entra|entrando|cayendo|asoma|ve|visible|expuesta|detrás',
                'entra|cae (la)* tierra|barro', 'tierra', 'barro (que)* entra',
            ],
            'void_seen=yes' => ['(un)* vacío|cavidad|socavón (detrás|afuera|alrededor)*', 'hueco detrás|afuera|alrededor'],
            'water=on' => ['(con)* (el)* agua (está)* corriendo|abierta|encendida', 'corre agua'],
            'water=off' => ['(con)* (el)* agua (está)* cerrada|apagada|cortada', 'sin agua corriendo', 'no corre agua'],
            'facing=against_flow' => [
                '(mira|mirando|va)* contra (el|la)* agua|corriente|flujo', 'en contra del|de (el|la)* flujo|agua|corriente',
                'contracorriente',
                'mira|mirando aguas arriba', 'detiene papel|sólidos',
            ],
            'facing=with_flow' => [
                '(va)* con (el|la)* flujo|corriente', 'a favor del|de (el|la)* flujo|agua|corriente', 'mira|mirando aguas abajo',
                'va con el agua',
            ],
            'moves=stays' => ['no se mueve|mueven', 'no (lo)* puedo|puede mover', 'fijo|fija'],
            'moves=blocks_camera' => ['cierra|tapa|bloquea el|la paso|cámara|camino', 'no deja pasar (la)* cámara'],
            'moves=moves' => ['se mueve|mueven', 'suelto|suelta|flotando', 'se va con el agua'],
            'crack_state=open' => ['abierta', 'muy abierta'],
            'crack_state=closed' => ['cerrada', 'capilar'],
            'wear=rough' => ['áspero|áspera|rugoso|rugosa'],
            'wear=thin' => ['delgado|delgada'],
            'crown_gone=yes' => ['falta la clave', 'sin clave'],
            'lens_under=yes' => ['lente|cámara bajo|debajo (el|del|de)* agua', 'por encima de|del (la)* lente|cámara'],
            'back_after_cutting=yes' => [
                'otra vez después de|del cortar|corte', 'volvieron a crecer|salir', 'de vuelta después del corte',
            ],
        ],
        'clock' => [
            '12' => [
                '(en|por|de|desde)* (la)* clave|corona', '(en|por|de|desde)* arriba', '(en|por|de)* el techo',
                'parte de arriba|superior',
            ],
            '3' => ['(a|en|por|de|del)* (la|el|lado)* derecha|derecho', 'lado|pared derecho|derecha'],
            '6' => [
                '(en|por|de)* (el)* fondo', '(en|por|de)* (la)* solera', '(en|por)* abajo', 'el piso', 'parte de abajo|inferior',
            ],
            '9' => ['(a|en|por|de|del)* (la|el|lado)* izquierda|izquierdo', 'lado|pared izquierdo|izquierda'],
            '7.5' => ['abajo a la izquierda', 'abajo izquierda'],
            '4.5' => ['abajo a la derecha', 'abajo derecha'],
            '10.5' => ['arriba a la izquierda', 'arriba izquierda'],
            '1.5' => ['arriba a la derecha', 'arriba derecha'],
        ],
        'material' => [
            'cast_iron' => ['hierro (fundido|colado)*', 'fierro (fundido|vaciado)*', 'fundición'],
            'clay' => ['barro', 'arcilla', 'gres', 'cerámica'],
            'pvc_welded' => ['pvc', 'p v c', 'plástico', 'pvc pegado|cementado'],
            'pvc_gasketed' => ['pvc con|de goma|empaque|junta', 'pvc sanitario|alcantarillado'],
            'abs' => ['abs', 'a b s'],
            'concrete' => ['hormigón', 'concreto', 'cemento'],
            'bituminised_fibre' => ['fibra bituminosa|asfáltica', 'cartón asfáltico|alquitranado'],
            'copper' => ['cobre'],
            'liner' => ['manga', 'encamisado', 'forro', 'revestimiento'],
        ],
        'into' => ['' => [
            '(se|ya|aquí)* pasa|pasamos|cambia|cambiamos|entra|entramos|sigue|seguimos a|al|en', 'cambio a', 'se convierte en',
            'se vuelve',
            'entra en|a', 'empieza (el|la)*', 'ahora es|en|estamos (en)*', 'pasa a (ser)',
        ]],
        'from' => ['' => ['de|desde|del (los|las|el|unos|como|sobre|metro|pie)*', 'de los', 'desde los', 'de a']],
        'from_material' => ['' => ['(pasa|pasamos|cambia|cambiamos|cambio|transición)* de|del', 'de']],
        'to' => ['' => ['-', 'a (los|las|unos|como)*', 'al (metro|pie)*', 'hasta (los|las|el|unos|como|llegar|a|cerca|de|metro|pie)*']],
        'between' => ['' => ['entre (los|el|unos)*']],
        'at' => ['' => [
            'a (los|unos|como|eso|de|poco|más|o|menos)*', 'en (los|el|metro|pie|unos)*', 'sobre (los|el)*', 'hacia (los|el)*',
            'como a (los|unos)*',
            'cerca de (los)*', 'por los|ahí', 'alrededor de (los)*', 'más o menos a (los|unos)*', 'casi a (los)*',
            'aproximadamente (a|los)*',
            '(el)* contador (dice|marca|lee|está|en|va)*', 'pasando (los)*', 'apenas pasando (los)*', 'a la altura de (los)*',
        ]],
        'out' => ['' => [
            'adentro', 'dentro', 'en el contador', 'aguas abajo|arriba', 'desde el registro', 'del registro', 'de línea',
        ]],
        'starts' => ['' => [
            'empieza|empiezan|comienza|comienzan|inicia|empezó|arranca', 'comienzo|inicio|principio de|del (la|el|un|una)*',
            'entramos en|a', 'entra en',
        ]],
        'deepest' => ['' => [
            'lo|la|el|punto|parte (más)* hondo|honda|profundo|profunda|bajo|baja', 'más hondo|honda|profundo|profunda',
            'el peor punto',
        ]],
        'ends' => ['' => [
            'termina|terminan|acaba|acaban|terminó|finaliza', 'final|fin de|del (la|el|punto|agua|bajo)*', 'hasta (los|el)*',
            'se acaba', 'sale del|de (el|la)* agua',
            'salimos|salgo del|de (el|la)* agua', 'sube otra vez', 'vuelve a subir', 'se recupera', 'hasta donde', 'llega hasta',
            'sigue hasta', 'va hasta',
        ]],
        'beside' => ['' => [
            'de|desde ese|esa|este|el|la', '(justo)* después|antes|pasando|detrás de|del (ese|esa|el|la)*',
            'más allá de|del (el|la|ese|esa)*',
        ]],
        'goes_on' => ['' => [
            'sigue|siguen (igual|ahí|adentro|el|la)*', 'continúa', 'todavía|aún (en|dentro|hay|con)*', 'y sigue', 'sigue así',
        ]],
        'runs_to' => ['' => [
            'sigue|siguen|va|van|llega|llegan|continúa (así|igual|todo|hasta|el|la)* hasta', 'termina|terminan|acaba|acaban|se quita',
        ]],
        'arrives' => ['' => ['llegamos|llego|vamos|voy|salimos (hasta)* a']],
        'each' => ['' => ['cada una|uno', 'en todas|todos']],
        'same_spot' => ['' => ['mismo lugar|punto|sitio', 'misma junta|unión']],
        'got_to' => ['' => [
            'llegué|llegamos|llegó|llego (a|hasta|los|unos|como)*', 'alcancé|alcanzamos (a|los)*',
            'empujé|empujamos|metí|metimos (hasta|a|los)*',
        ]],
        'deep' => ['' => [
            'de profundidad|hondo|fondo', 'profundo|profunda|hondo|honda', 'bajo tierra|suelo', 'de cobertura',
            'abajo del suelo',
        ]],
        'depth' => ['' => [
            '(la)* profundidad (de|es|está|en|a|unos)*', 'hondo (de)*', '(el)* localizador (dice|marca|lee|da|muestra)*',
            'a una profundidad de',
        ]],
        'marked' => ['' => [
            'marcado|marcada|marqué|marcamos|marca', 'localizado|localizada|localicé|localizamos',
            'pintado|pintada|pinté|pintamos', 'puse|pusimos una|un marca|bandera',
            'lo|la localicé|marqué',
        ]],
        'length' => ['' => [
            'de largo|longitud|ancho|alto', 'más (adelante|allá)*', 'antes (de)*', 'después (de)*', 'de tubo|línea|manga|cable',
            'de aquí|ahí|ese|esa', 'hace', 'seguidos',
            'por delante', 'de distancia', 'de separación', 'cada uno',
        ]],
        'advised' => ['' => [
            'cambiar|reemplazar|excavar|reparar|renovar|sustituir|abrir (el|la|eso|ese|tubo|tramo|línea)* de|desde|entre|del',
        ]],
        'length_of' => ['' => [
            'durante', 'por (unos|como|casi)*', 'mide|miden (unos|como)*', 'los próximos|siguientes|primeros|últimos', 'cada',
            'unos|como otros', 'otros',
        ]],
        'bored' => ['' => [
            'de diámetro', 'tubo', 'línea', 'pvc', 'hierro', 'barro', 'registro', 'ramal', 'colector', 'lateral', 'ye', 'te',
            'codo', 'conexión', 'bajante', 'cortador',
        ]],
        'from_what' => ['' => [
            'de|desde|del (la|el|los|las)* cerca|barda|muro|pared|acera|banqueta|vereda|árbol|casa|esquina',
            'de|desde|del (la|el|los|las)* garaje|cochera|poste|medidor|calle|portón|bordillo|puerta',
            'desde|de|del (la|el)* esquina|frente|borde|orilla (de|del|la)* (casa|cerca|muro|acera|banqueta|garaje)*',
        ]],
        'share' => ['' => [
            '(de|del|el|la)* tubo|línea|sección|paso|diámetro|boca (tapado|tapada|cerrado|ocupado|bloqueado|lleno|llena|cubierto)*',
            'tapado|tapada|cerrado|cerrada|ocupado|ocupada|bloqueado|bloqueada|lleno|llena|cubierto|cubierta|obstruido|obstruida',
            'de obstrucción|bloqueo',
        ]],
        'whole' => ['100' => [
            'completamente|totalmente|todo|toda|por completo tapado|tapada|lleno|llena|bloqueado|bloqueada|cerrado|obstruido',
            'tapado|tapada|bloqueado|bloqueada por completo', 'tubo tapado|bloqueado por completo',
        ]],
        'deny' => ['' => [
            'no', 'no hay|veo|vemos|ve|tiene|tienen|encuentro|encontré|muestra|aparece', 'no se ve|ven|nota|aprecia|observa',
            'sin', 'ningún|ninguna|ninguno', 'nada de',
            'ni', 'tampoco', 'libre de', 'limpio|limpia de', 'nunca', 'jamás', 'no hay ningún|ninguna', 'en vez de',
            'ausencia de',
        ]],
        'some' => ['' => [
            'no mucho|mucha|muchas|muchos', 'no (es|son|está|están)* (muy|tan|demasiado)* grave|mala|malo|grande|fuerte|serio',
            'no tanto|tanta|tantas', 'sin duda',
            'no solo', 'no hay duda', 'no (lo)* sé|sabemos|sabría (si|bien)*', 'no estoy|estamos seguro|segura|seguros',
            'no se puede decir',
            'no muy|tan|demasiado grande|grandes|mal|fuerte|fuertes|hondo|profundo|abierta|gruesas',
        ]],
        'presence' => ['' => [
            'aquí', 'ahí', 'hay', 'veo', 'vemos', 'se ve|ven', 'tenemos', 'tengo', 'tiene', 'encuentro|encontramos|encontré',
            'aparece|aparecen', 'este|esta|ese|esa', 'es', 'está',
            'mira|miren', 'ya', 'ahora', 'otro|otra', 'la línea|junta', 'el tubo', 'sigue|siguen', 'viene', 'muestra', 'entra',
            'más',
        ]],
        'general' => ['' => [
            'normalmente', 'generalmente', 'usualmente', 'a veces', 'muchas veces', 'casi siempre', 'por lo general',
            'en general', 'cuando uno|la|el|las|los|hay', 'si uno|hay|usted|tiene',
            'podría|podrían', 'debería|deberían', 'recomiendo|recomendamos', 'la gente', 'los clientes', 'hace años',
            'en el pasado', 'suele|suelen', 'causa|causan', 'garantía', 'precio',
            'cuesta', 'cobramos', 'por ejemplo', 'como regla', 'siempre', 'las|los máquinas|boquillas|cuchillas|raíces buscan',
            'video', 'canal', 'eventualmente', 'a la larga', 'se llama',
            'va a necesitar', 'hay que', 'depende',
        ]],
        'question' => ['' => [
            'pregunta|preguntó|preguntan|preguntaba (si|por)*', 'a ver si', 'ver si', 'buscando', 'busco|buscamos', 'será que',
            'qué tal', 'me pregunto (si)*', 'revisar si', 'hay que ver si',
            'sospecha|sospecho|sospechan (de|que)*',
        ]],
        'right_here' => ['' => ['aquí mismo', 'ahí mismo', 'justo aquí|ahí', 'aquí', 'ahí']],
        'points' => ['' => ['ves|ve|ven eso|ese|esa|este|esta', 'mira eso|ese|esa', 'fíjate|fíjese']],
        'gone' => ['' => [
            'quitado|quitada|quitadas|quitados', 'ya no está|están|hay', 'limpiado|limpiada',
            '(se)* quitó|quitamos|quité|sacamos|sacó|saqué|salió|salieron', 'cortamos|corté|cortado|cortadas',
            'se fue|fueron', 'desapareció|desaparecieron', 'lo|las|los sacamos|saqué|corté|cortamos', 'había', 'antes había',
            'después de cortar|limpiar',
        ]],
        'was' => ['' => [
            'era', 'estaba', 'estaban', 'había', 'habían', 'tenía', 'teníamos', 'la última vez', 'el año pasado', 'antes de que',
            'cuando llegamos|empezamos',
        ]],
        'still' => ['' => ['todavía', 'aún', 'sigue|siguen', 'queda|quedan|quedó|quedaron', 'restos', 'pero hay']],
        'likely' => ['' => [
            'parece|parecen (que|ser|como)*', 'quizá|quizás', 'tal vez', 'a lo mejor', 'probablemente', 'posiblemente',
            'posible', 'creo (que|yo)*', 'pienso que', 'puede ser|que', 'podría ser',
            'debe|deben (de)* (ser)', 'como que', 'se ve como', 'diría (que)', 'seguramente', 'al parecer',
        ]],
        'cannot_say' => ['' => [
            'no (lo)* sé|sabemos|sabría', 'no estoy|estamos seguro|segura|seguros',
            'no (se|lo)* puedo|puede (bien|realmente)* decir|saber|distinguir', 'difícil (de)* decir|saber|ver', 'quién sabe',
            'no queda claro', 'no está claro', 'ni idea', 'no distingo',
        ]],
        'unsure_how' => ['' => ['no (lo)* sé|sabemos cómo|dónde|por|cuándo|quién', 'no estoy seguro de|por (dónde|cómo)*']],
        'taken_for' => ['' => [
            'parece|parecía|pareciera|creí|pensé (que|era|es|un|una)*', 'eso|esto|esta|este es', 'podría ser',
        ]],
        'taken_back' => ['' => ['pero (no|es|era|solo|nada|más)* es|no|era', 'no es (solo|nada|más)*', 'resultó']],
        'contrast' => ['' => [
            'pero', 'excepto', 'salvo', 'aunque', 'sin embargo', 'solo', 'solamente', 'menos', 'aparte de', 'sino',
        ]],
        'cut' => ['' => [
            'entonces', 'luego', 'después', 'ahora', 'ok', 'okay', 'bien', 'así que', 'seguimos', 'y luego|después', 'vamos',
            'vale', 'listo',
        ]],
        'here' => ['' => ['aquí mismo', 'justo aquí', 'ahí mismo']],
        'capped' => ['' => [
            'tapado|tapada|taponado|taponada', 'abandonado|abandonada', 'no (se)* usa', 'sin uso', 'condenado|condenada',
        ]],
        'water_level' => ['' => ['nivel de agua|del', 'agua a|al']],
        'to_main' => ['' => ['a|al|hasta (la|el)* colector|red|calle|principal']],
        'to_a_side' => ['' => ['a|hacia la izquierda|derecha', 'izquierda|derecha', 'arriba|abajo']],
        'told' => ['' => ['eso|ese|esa|está|esto (es|está)* a (los)*', 'está a (los)*', 'eso a (los)*']],
        'intro' => ['' => [
            'la|el siguiente|próxima|próximo junta|unión|pieza', 'aquí (hay|está|tenemos|viene|veo|vemos)*',
            'ahí (hay|está|tenemos|viene)*', 'hay', 'tenemos', 'tengo', 'veo', 'vemos', 'se ve',
            'encontramos|encontré|encuentro',
            'esto|este|esta|ese|esa es', 'aparece', 'viene',
        ]],
        'move' => ['' => [
            'sigo|seguimos|sigamos|seguir (empujando|avanzando|adelante|bajando)*', 'avanzo|avanzamos|avanzando',
            'empujo|empujamos|empujando', 'más adelante', 'pasando|pasamos eso|esto|ese|esa',
            'voy|vamos (a|para)* adelante|seguir',
        ]],
        'back' => ['' => [
            'retiro|retiramos|retirando|retirar (la|cámara)*', 'regreso|regresamos|regresando (la|cámara)*', 'de regreso|vuelta',
            'jalo|jalamos|jalando|tirando (la|cámara|hacia)* (atrás)', 'saco|sacamos|sacando la cámara', 'hacia|para atrás',
        ]],
        'made_of' => ['' => [
            '(esto|este|el|la|tubo|línea|aquí|todo|es|está|son)* es|hecho|está|son (de|en|puro|un|todo)*',
            'empieza|empezamos|comienza (en|con|de)*', 'hecho|hecha de', 'tubo|línea de', 'estamos en',
        ]],
        'asks_for' => ['' => [
            'cierra|cierre|abre|abra|corta|corte|apaga|apague|deja (el|la)*', 'con', 'cuando|si|antes|después (el|la|de)*',
        ]],
        'ended_rod_out' => ['' => [
            'se (me)* acabó|acaba|terminó la|el varilla|cable|cámara|manguera|carrete',
            '(ya)* no hay|queda|tengo (más)* varilla|cable|cámara|manguera', 'sin (más)* varilla|cable',
            'toda la varilla|cámara', 'todo el cable',
        ]],
        'ended_under_water' => ['' => [
            'no (se)* ve|veo|vemos|puedo (ver|nada|más|porque|está|todo)* bajo|debajo|por (el|del|de)* agua',
            'todo (está)* bajo|debajo (el|del|de)* agua', 'demasiada agua para ver|seguir',
        ]],
        'went_in' => ['' => [
            'entro|entramos|entré|entrando|entra (por|desde|en|a|la|cámara|el)*',
            'metí|meto|metemos|metimos|metiendo (la|cámara|por)*',
            'empezamos|empiezo|empecé|comenzamos (por|desde|en|a|el|recorrido)*', 'estamos entrando|en (por|desde)*',
            'bajo|bajamos (por|la|cámara)*', 'por el|la|un|una', 'desde el|la|un|una', 'acceso (por|desde)*',
        ]],
        'opening_cleanout' => ['' => ['registro(s) (de limpieza)', 'boca de limpieza', 'tapón (de registro|limpieza)*']],
        'opening_roof_vent' => ['' => ['ventilación (de|del|techo|el)*', 'techo', 'respiradero']],
        'opening_pulled_toilet' => ['' => [
            'inodoro|excusado|wc|taza|retrete|sanitario (retirado|quitado)*', 'brida (del|de|inodoro)*',
        ]],
        'opening_yard_trap' => ['' => ['sifón (de|del|patio|el)*', 'trampa (de|del|patio)*']],
        'opening_floor_drain' => ['' => ['sumidero|coladera|rejilla (de|del|piso|la|ducha|suelo)*']],
        'opening_chamber' => ['' => ['arqueta', 'pozo (de|visita|registro)*', 'cámara de inspección', 'caja (de|registro)*']],
        'other_opening' => ['' => [
            'otro|otra|segundo|segunda|siguiente registro|boca|acceso|ventilación|arqueta|pozo|extremo|lado|inodoro|sumidero',
        ]],
        'goes_up' => ['' => [
            'aguas arriba', 'hacia|a la casa|cocina', 'hacia el edificio', 'contra (el)* flujo|corriente', 'contracorriente',
        ]],
        'goes_down' => ['' => [
            'aguas abajo', 'hacia|a la calle|red', 'hacia|al (el)* colector|principal', 'con la corriente', 'a favor del flujo',
        ]],
        'zeroed' => ['' => [
            '(pongo|puse|ponemos|pusimos|poner|puesto)* (el|contador|a|en)* a|en cero', 'el cero (es|está|en)*',
            'cero (en|está|es)*', 'contador (a|en)* cero',
        ]],
        'zero_rim' => ['' => [
            '(el)* borde (de|del|la|registro|boca|tapa)*', '(la)* tapa', 'nivel de|del (el)* suelo|piso',
            'a ras de|del (el)* suelo|piso', 'brida',
        ]],
        'zero_foot' => ['' => [
            '(al|el|en)* pie (de|del|la|bajada|registro|tubo)*', 'fondo (de|del|la|bajada|registro)*', 'ya en la línea',
            'en la solera', 'donde entra (a|en|la|línea)*',
        ]],
        'zero_outside_wall' => ['' => [
            '(el|en)* muro (exterior|de|afuera|fuera)*', 'pared exterior|de (afuera|fuera)*', 'cimiento(s)', 'fuera de la casa',
        ]],
        'ended_jammed' => ['' => [
            'la varilla|cámara se traba|trabó|dobla|dobló|enrolla|enrolló', 'se traba|trabó|dobla|enrolla la varilla|cámara',
            'varilla trabada',
        ]],
        'run' => ['' => [
            '(pongo|puse|ponemos|poner)* (el|contador)* a|en cero (otra|vez|de|nuevo)*',
            'segundo|segunda|otro|otra|siguiente recorrido|inspección|línea|tubo|ramal|sentido|lado|dirección',
            'desde|por el|la otro|otra registro|boca|lado|extremo|arqueta', 'ahora aguas arriba|abajo',
            'empezamos|empiezo otra vez', 'de nuevo desde',
        ]],
        'again' => ['' => [
            'como (ya)* dije|mostré|vimos|mencioné|se|enseñé', 'otra vez', 'de nuevo', 'esa|ese|esas|esos que vimos',
            'lo mismo que', 'en resumen', 'en total', 'resumiendo', 'en conclusión', 'que vimos', 'ya vimos', 'todo eso',
        ]],
        'sorry' => ['' => [
            'perdón', 'digo', 'no espera', 'espera', 'espere', 'quiero decir', 'mejor dicho', 'corrijo', 'corrección', 'no no',
            'disculpa', 'más bien', 'me equivoqué', 'o más bien', 'perdón no', 'no perdón',
        ]],
        'reached' => ['' => [
            'estamos|estoy|vamos|voy (ya|ahora|a|en|los|como|por)*', '(la)* cámara está|va (a|en|los)*',
            'el contador dice|marca|lee', 'llevamos|llevo', 'hasta ahora', 'llegué|llegamos (a|hasta|los)*',
        ]],
        'another' => ['' => [
            'lo mismo (a|en)*', '(hay|aquí)* otro|otra (a|aquí|igual|en|más)*', 'uno|una más', 'igual a', 'también (a|en)*',
            'y otro|otra', 'más de lo mismo',
        ]],
        'way' => ['' => [
            'por', 'desde', 'de', 'del', 'el', 'la', 'en', 'abrir|abro|abierto|abrimos', 'nuestro|nuestra|mi', 'hacia', 'hasta',
            'a', 'al', 'falta|necesita|poner|instalar', 'entre', 'pasando', 'usando',
        ]],
        'toward' => ['' => [
            'hacia', 'rumbo a|al', 'camino a|al', 'hasta', 'antes de', 'para llegar a', 'cerca de', 'buscando',
            'responsabilidad', 'va a|hacia',
        ]],
        'will' => ['' => [
            'voy|vamos a', 'a ver', 'trato|tratamos|trataré|intento|intentamos', 'quiero|queremos', 'veremos', 'ver si', 'vamos',
        ]],
        'none' => ['' => [
            'de una vez', 'a la vez', 'la vuelta', 'doy vuelta', 'media vuelta', 'da vuelta', 'línea principal',
            'cuarto de baño', 'cortador de raíces', 'trampa de grasa', 'tapón de la', 'cabeza de', 'se llama te', 'te digo',
            'te voy', 'te muestro', 'te dejo', 'te cuento',
            'por la calle', 'de la calle', 'en la calle', 'a la calle', 'limpiar la lente', 'limpio la lente',
            'piso de arriba|abajo', 'no hay problema', 'sin problema(s)', 'tierra firme', 'papel de', 'tapo', 'junto con',
            'a fondo', 'en el fondo del patio', 'el acceso',
            'cambio de', 'de piedra', 'el final de', 'un punto', 'el punto', 'a punto de', 'como te', 'si te', 'que te', 'se te',
            'no te', 'ya te',
        ]],
    ],
    'phrases_with_a_tool' => [
        'command' => [
            'again' => ['lo mismo otra vez', 'otra vez (lo mismo)', 'uno|una más igual', 'repite|repetir (eso)'],
            'undo' => ['deshacer (eso|lo)*', 'deshaz eso', 'borra|borrar|quita|cancela (eso|lo)*', 'retira|retirar eso'],
        ],
        'fact' => [
            'mark_in' => [
                '(entra|entró|va)* (una|otra|la|siguiente)* señal|marca|sección|acople|tramo adentro|entra|dentro|entró',
                'entra|entró (una|otra|la|siguiente|el|un|otro)* señal|marca|sección|acople|tramo',
                'otra|siguiente señal|marca|sección (adentro|más)*', 'una señal|marca|sección más',
            ],
            'mark_out' => [
                '(sale|salió)* (una|otra|la)* señal|marca|sección|acople|tramo afuera|fuera|sale|salió',
                'sale|salió (una|otra|la|el|un|otro)* señal|marca|sección|acople|tramo',
            ],
            'power_on' => [
                '(con)* (el|la)* agua|chorro|máquina|motor|bomba|presión (está|ya)* abierta|abierto|encendida|encendido|puesta',
                'máquina|motor|bomba (está|ya)* prendida|prendido|andando',
                'abro|abrimos|abre|abierta el agua|chorro',
                'arranco|arranca|arrancamos|prendo|enciendo (la|el)* máquina|motor|bomba|chorro', 'agua abierta', 'pie puesto',
                'piso (el)* pedal', 'gira|girando (el|la)* (cable|máquina)*',
            ],
            'power_off' => [
                '(el|la)* agua|chorro|máquina|motor|bomba|presión (está|ya)* cerrada|cerrado|apagada|apagado|cortada|parada',
                'cierro|cerramos|corto|apago|paro|cortamos|apagamos|paramos (el|la)* agua|chorro|máquina|motor|bomba|presión',
                'agua cerrada', 'pie fuera', 'quito|suelto el pie|pedal',
            ],
            'pulse_on' => ['pulso(s) sí|puestos|activados|encendidos', 'con pulsos', 'pongo|activo (los)* pulsos'],
            'pulse_off' => ['pulso(s) no|fuera|apagados', 'sin pulsos', 'quito|apago (los)* pulsos'],
            'turn_left' => ['(vuelta|vueltas|giro|giros|giré|gira)* (a|hacia)* (la)* izquierda', 'vuelta(s) izquierda(s)'],
            'turn_right' => ['(vuelta|vueltas|giro|giros|giré|gira)* (a|hacia)* (la)* derecha', 'vuelta(s) derecha(s)'],
            'watch' => [
                'hago|hice|pongo|puse una marca|señal en la manguera|boca', 'hago|hice|pongo|puse una marca|señal en el cable',
                'lo señalo', 'miro la marca|señal',
            ],
            'felt=free' => [
                'libre', '(va|entra|corre|pasa|avanza)* libre|fácil|suave|bien', 'sin resistencia', 'nada en el camino',
            ],
            'felt=drag' => [
                'arrastra|arrastrando', '(va|entra|está|se)* (pesado|pesada|duro|dura|siente|pone)* pesado|pesada|duro|dura',
                'resistencia', 'algo blando|suave|esponjoso', 'cuesta (avanzar|empujar|entrar)*',
            ],
            'felt=grabs' => [
                'agarra|agarró|agarrando', 'muerde|mordió|mordiendo', 'engancha|enganchó|enganchando',
                'se carga|cargó|tuerce|torció|atora|atoró', 'pesca|pescó',
            ],
            'felt=spins' => ['gira|girando (en)* vacío|loco|libre', 'patina|patinando'],
            'felt=stops_dead' => [
                'se para|paró|detiene|detuvo|frena|frenó (en|seco|de|golpe)*',
                'topa|topó|pega|pegó|choca|chocó (con)* (algo|duro|una|pared)*',
                'no pasa|avanza|quiere|va|entra (más|pasar|avanzar)*', 'como (con)* (una)* pared',
                'no puedo|puede pasar|avanzar|seguir',
            ],
            'water=rising' => [
                '(el|la)* agua|nivel (está|viene|sigue|se)* sube|subiendo|subió|creciendo|devuelve|devolviendo',
                'sube (el)* agua|nivel', 'se (está)* devuelve|devolviendo|llena|llenando|desborda',
            ],
            'water=standing' => [
                '(el)* agua|nivel (está|sigue|se)* quieta|parada|estancada|igual|quieto|ahí', 'no baja|desagua|drena',
                'lleno de agua',
            ],
            'water=bubbling' => ['burbujea|burbujeando|burbujas', 'hace burbujas'],
            'water=dropping' => [
                '(el)* agua|nivel (está|ya|empieza|empezó|va|a|se)* baja|bajando|bajar|cayendo|yendo',
                'baja|bajando (el)* agua|nivel', '(está)* desaguando|drenando|bajando',
            ],
            'water=gone' => [
                '(el)* agua (ya)* se fue|vació', 'se fue|vació|destapó|abrió (el|agua|todo)*',
                'ya bajó|drenó|desaguó', '(ya)* pasamos|pasó', '(el)* agua bajó|cayó',
            ],
        ],
        'kind' => [
            'roots' => ['raíz|raíces', 'masa|bola de raíces'],
            'wipes' => ['toallita(s) (húmedas)*'],
            'cloth' => ['trapo(s)', 'tela(s)', 'toalla(s)', 'calcetín|calcetines', 'camisa', 'mopa', 'ropa'],
            'grease' => ['grasa', 'sebo', 'manteca'],
            'soap' => ['jabón'],
            'paper' => ['papel (higiénico)*'],
            'hair' => ['pelo(s)', 'cabello(s)', 'bola de pelo'],
            'scale' => ['costra(s)', 'óxido', 'sarro', 'herrumbre'],
            'silt' => ['limo', 'arena', 'lodo', 'tierra', 'barro', 'grava'],
            'thing' => [
                'juguete', 'botella', 'piedra(s)', 'ladrillo', 'madera', 'pedazo|trozo de tubo|madera|plástico|metal',
                'cosa dura', 'cuchara', 'cepillo',
            ],
            'nothing' => ['nada', 'no volvió|salió|vino|trajo nada', 'volvió|salió|vuelve|sale|viene limpio|limpia',
                'cabezal|cuchilla|cable limpio|limpia'],
        ],
        'came_back' => ['' => [
            'volvió|volvieron|vuelve|vuelven|regresó|regresan|salió|salieron|trajo|trae|trajimos (con|en)*',
            'saqué|sacamos|sacó|vino|vinieron (con|en)*',
            'en el|la cabezal|cuchilla|cable|boquilla|punta|recuperador|cortador', 'con (puro|pura|puros)*',
            'enredado|enredada (en|con)*', 'llena|lleno de',
        ]],
        'at' => ['' => [
            'a (los|unos|como)*', 'en (los|el)*', 'hasta (los)*', 'llegué|llegamos|llegó (a|los)*',
            'estamos|estoy|vamos|voy (a|en|los|ya)*', 'como a (los)*', 'pasando (los)*', '(el)* contador dice|marca',
            'sobre los',
        ]],
        'relative' => ['' => [
            'más', 'quedan', 'queda', 'falta|faltan', 'de holgura', 'otros', 'por salir', 'de largo',
            'sección|cable|manguera|guía|cuchilla|cortador|cabezal|tubo|línea|boquilla|registro', 'de la|el|esa|ese|aquí',
            'desde',
        ]],
        'times' => ['' => ['vez|veces', 'vuelta|vueltas', 'giro|giros', 'media|medio vuelta|giro']],
        'twice' => ['' => ['doble']],
        'level' => ['' => [
            '(por)* bajo|debajo (de|del|el|la|borde|boca)*', 'desde (el)* borde', 'abajo del borde',
            '(el)* nivel|agua (está|a|en)*',
        ]],
        'moved' => ['' => [
            'avanzó|avanza|avancé|avanzamos (unos|como)*', 'se movió|mueve (unos|como)*', 'ganó|ganamos|gané (unos|como)*',
        ]],
        'deny' => ['' => ['no', 'sin', 'nunca', 'ni', 'tampoco', 'dejó de', 'ya no', 'nada de']],
        'elsewhere' => ['' => [
            'cocina|arriba|inodoro|excusado|llave|grifo|fregadero|lavabo|ducha|lavadora|casa|cliente', 'manguera de jardín',
            'cuando|si|antes|hasta|después que|de', 'voy|vamos|va a', 'quiero|hay que|tengo que|intento|trato de',
            'la última vez', 'normalmente|siempre',
        ]],
        'sorry' => ['' => [
            'perdón', 'digo', 'no espera', 'espera', 'quiero decir', 'mejor dicho', 'corrijo', 'más bien', 'me equivoqué',
        ]],
        'none' => ['' => ['de una vez', 'está bien', 'otra vez', 'a la vez']],
        'cut' => ['' => ['entonces', 'luego', 'después', 'ahora', 'ok', 'bien', 'bueno', 'y luego|después']],
        'contrast' => ['' => ['pero', 'solo', 'solamente', 'excepto']],
        'small' => ['' => [
            'el', 'la', 'los', 'las', 'un', 'una', 'cabezal', 'cuchilla', 'boquilla', 'cortador', 'manguera', 'cable', 'ahí',
            'aquí', 'se', 'lo', 'siente', 'como', 'sigue', 'hay', 'con', 'en', 'y', 'está',
        ]],
    ],
];
