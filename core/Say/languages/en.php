<?php

declare(strict_types=1);

/*
 * How the trade speaks English. Somebody adds a phrase by adding it to a line.
 *
 * In a phrase `a|b` is either word, `root(s)` is root or roots, `(little)` may be left out. A kind may carry facts and a
 * clock position: `crack+crack_state=open`, `bend+clock=9`. Of phrases that begin at one word the longest counts.
 */
return [
    'numbers' => [
        'zero' => 0, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9,
        'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16,
        'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fourty' => 40,
        'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90, 'hundred' => 100, 'thousand' => 1000,
        'couple' => 2, 'oh' => 0,
    ],
    // Heard instead of a number: they count as one before a unit only.
    'misheard' => ['to' => 2, 'too' => 2, 'for' => 4, 'fore' => 4, 'ate' => 8, 'won' => 1, 'tree' => 3, 'sicks' => 6, 'tin' => 10, 'tan' => 10],
    'fractions' => [
        'half' => 0.5, 'halves' => 0.5, 'third' => 1 / 3, 'thirds' => 1 / 3, 'quarter' => 0.25, 'quarters' => 0.25,
        'eighth' => 0.125, 'eighths' => 0.125, 'sixteenth' => 0.0625, 'sixteenths' => 0.0625,
    ],
    'full' => ['good', 'full', 'solid', 'whole', 'big', 'half'],
    'bare_units' => ['inch'],
    'known' => ['the', 'our', 'your', 'my', 'this', 'that'],
    'before_names' => ['a', 'an', 'some', 'the', 'little', 'big', 'small', 'more', 'bit', 'of', 'your', 'another', 'bad', 'few', 'slight', 'pretty', 'good', 'old', 'nice'],
    'one' => ['a', 'an', 'another'],
    'articles' => ['a', 'an', 'the', 'another'],
    'and' => ['and'],
    'of' => ['of'],
    'or' => ['or'],
    'point' => ['point'],
    // Of feet only: inches may follow without their name.
    'feet' => ['foot', 'feet', 'ft', "'", 'feed', 'feat', 'foots', 'footer'],
    'singular' => ['foot', 'metre', 'meter', 'ft'],
    'inches' => ['inch', 'inches', 'in', '"', 'ench', 'inched'],
    'large' => [
        'm' => 1.0, 'metre' => 1.0, 'metres' => 1.0, 'meter' => 1.0, 'meters' => 1.0,
    ],
    'small' => [
        'mm' => 0.001, 'millimetre' => 0.001, 'millimetres' => 0.001, 'millimeter' => 0.001, 'millimeters' => 0.001, 'mil' => 0.001,
        'cm' => 0.01, 'centimetre' => 0.01, 'centimetres' => 0.01, 'centimeter' => 0.01, 'centimeters' => 0.01,
    ],
    'percent' => ['percent', '%', 'per cent'],
    'degrees' => ['degree', 'degrees', '°'],
    'clock' => ["o'clock", 'oclock', "o' clock", 'o clock'],
    'spellings' => [
        'cant' => "can't", 'wont' => "won't", 'dont' => "don't", 'doesnt' => "doesn't", 'didnt' => "didn't", 'isnt' => "isn't", 'arent' => "aren't",
        'couldnt' => "couldn't", 'havent' => "haven't", 'hasnt' => "hasn't", 'thats' => "that's", 'theres' => "there's", 'heres' => "here's",
        'weve' => "we've", 'youve' => "you've", 'ive' => "i've", 'im' => "i'm", 'lets' => "let's", 'offsetting' => 'offset', 'belli' => 'belly',
        'cannot' => "can't", 'wasnt' => "wasn't", 'routes' => 'roots', 'route' => 'root', 'rutes' => 'roots', 'ruts' => 'roots', 'fractur' => 'fracture',
        'weighs' => 'wyes',
    ],
    // Said for nothing.
    'fillers' => ['uh', 'um', 'er', 'erm', 'ah', 'hmm', 'yeah', 'yep', 'basically', 'actually', 'kinda', 'just', 'really'],
    'water' => ['water'],
    'clumps' => ['heavy', 'ball', 'balls', 'mass', 'clump', 'clumps', 'massive', 'solid', 'wad'],
    'ask_first' => ['is', 'are', 'do', 'does', 'did', 'could', 'would', 'any', 'what', 'how', 'was', 'were', 'have', 'has', 'can'],
    // A bare number may be a place before one of these.
    'after_places' => ['we', 'it', 'and', 'the', 'is', 'has', 'with', 'where', 'which', 'i', 'you', 'a', 'an', 'pipe', 'line', 'some', 'little', 'big', 'small', 'my', 'or', 'feet', 'on'],
    // A number before one of these is no place.
    'counted' => [
        'street', 'avenue', 'road', 'lane', 'drive', 'court', 'boulevard', 'way', 'am', 'pm', 'dollars', 'bucks', 'psi', 'gallons', 'minutes',
        'minute', 'hours', 'hour', 'days', 'weeks', 'months', 'years', 'year', 'times', 'bathrooms', 'bedrooms', 'people', 'houses', 'units',
        'guys', 'seconds', 'second', 'litres', 'liters', 'bar', 'percent', 'degrees', 'st', 'nd', 'rd', 'th', 's', 'hundred', 'thousand',
    ],
    'phrases' => [
        'kind' => [
            'root_threads' => [
                'hair|hairline|fine|tiny|thread|feeder|whisker|hairlike|wispy (little) root(s)', 'root hair(s)|thread(s)|fiber(s)|fibre(s)',
                'thread(s) of root(s)', 'fine|tiny|little hair(s) of root(s)', 'root threads', 'rootlet(s)', 'tiny|fine little root(s)',
            ],
            'root_clump' => [
                'root ball(s)|mass|masses|clump(s)|wad|plug', 'ball|mass|clump|wad|bunch of root(s)', 'rootball(s)',
                'heavy|massive (tree) root(s)', 'heavy root mass|ball|intrusion|clump', 'root(s) clump|mass|ball', 'mass of heavy root(s)',
            ],
            'root_cords' => ['root(s)', 'tree root(s)', 'root intrusion(s)', 'root growth', 'root infiltration', 'root cord(s)', 'rooted'],
            'low_spot' => [
                'belly|bellies', 'bellied', 'sag(s)', 'sags|sagging|sagged', 'dip(s)|dips|dipped|dipping', 'low spot(s)|area(s)|point(s)',
                'lost|loses|losing its|the|our|your|some grade', 'lost grade', 'swale', 'low section', 'sunken|sunk|settled pipe|line|section',
                'bottomed out',
            ],
            'low_spot+water' => [
                'holding|holds|hold (some|a|little|bit|of|the)* water', 'standing|sitting|pooled|ponded water', 'water standing|sitting|pooling|ponding',
                'pool|puddle of water', 'pooling|ponding', 'water pooled|held', 'holding about|like|maybe water',
            ],
            'low_spot+lens_under=yes' => [
                'under water', 'underwater', 'lens|camera|head is|goes|went|going|gone (completely|fully|all|the|way)* under', 'submerged',
                'lens|camera under', 'full of water',
            ],
            'standing_water' => ['water backed|backing|backs up behind', 'backed up water', 'water behind it|that'],
            'offset_joint' => [
                'offset(s)', 'off set(s)', 'offset joint(s)', 'joint offset', 'step(s) in the|this joint|pipe|line', 'step|lip at the joint', 'lip(s)',
                'step down|up', 'misaligned|displaced joint(s)', 'joint is|has off|shifted|dropped|misaligned|displaced|offset|stepped', 'offset in the joint',
                'inch|inches step', 'dropped|shifted joint(s)', 'step',
            ],
            'separated_joint' => [
                'separated (joint)', 'separation(s)', 'separated|separating|separation joint(s)', 'pulled apart|away', 'pulling apart|away',
                'open joint(s)', 'gap(s)', 'gapped', 'joint(s) is|are|has|have (a|been|bit|come|all)* separated|open|apart|opened|gapped|gap',
                'joint(s) separated|separation|apart|gap|opened', "joint's (opened|pulled|come|all|a|bit|been|separated)* up|apart|open|separated|opened|away", 'joint opened up',  'gap in the joint|pipe', 'came|come|coming apart',
            ],
            'failed_seal' => [
                'seal|gasket|ring is|has (been|all)* gone|out|hanging|failed|displaced|missing|rolled|sticking', 'hanging|failed|displaced|rolled|missing gasket|seal',
                'gasket|seal hanging|sticking|poking (down|in|out)', 'gasket in the pipe|line',
            ],
            'crack' => ['crack', 'cracked', 'fracture(d)', 'fractured', 'cracking', 'split', 'fracturing'],
            'crack+crack_state=several' => [
                'cracks', 'fractures', 'several|multiple|many|some|few crack(s)|fracture(s)', 'bunch|lot|lots|couple|series of cracks|fractures', 'spider crack(s)|cracking',
                'cracked all over|up|everywhere',
            ],
            'crack+crack_state=closed' => [
                'hairline|closed|tight crack(s)|fracture(s)', 'hairline', 'crack|fracture is closed|tight|hairline', 'hairline crack|fracture',
            ],
            'crack+crack_state=open' => [
                'open|wide|gaping crack(s)|fracture(s)', 'crack|fracture is|has (wide|opened|wide|all|pretty)* open', 'crack|fracture (opened|opening) up', 'crack that is|has open|opened',
            ],
            'broken_pipe' => [
                'broken', 'break(s)', 'broke', 'pipe broken', 'broken pipe|section|piece|hub|bell', 'piece(s) (of|the|pipe|clay|is|are)* missing|gone|broken', 'missing piece(s)|section|chunk(s)|pipe',
                'collapse(d)', 'collapsed', 'collapsing', 'caved in', 'cave in', 'pipe is gone|missing', 'shattered', 'crushed', 'busted', 'chunk(s) (of|pipe)* missing|gone|out',
                'no pipe left|here|there', 'pipe missing|gone',
            ],
            'broken_pipe+crown_gone=yes' => ['top|crown (of|the|pipe|this)* is (all|completely|just)* gone|missing|broken|out', 'top|crown gone|missing', 'missing top|crown', 'no top|crown (left)'],
            'hole' => ['hole(s)', 'punctured', 'puncture', 'punched through'],
            'worn_invert+wear=gone' => [
                'bottom|invert|floor (of|the|pipe|this|line)* is|has (been|all|completely|totally|just)* gone|missing|out|rotted|rusted|eaten|worn|corroded (out|away|through|off)',
                'bottom|invert gone|missing|rotted|rusted (out|away)', 'missing|no|rotted|rotten bottom|invert (left)', 'bottomless', 'rotted|rusted|eaten out|through|away bottom',
                'channeled|channelled|rotted|rusted|worn|eaten (all|right|the|way|completely)* through|out|away', 'rotted|rotting', 'bottom (of|the|pipe)* rotted|rusted out|away',
                'worn through', 'channeled|channelled out|through',
            ],
            'worn_invert+wear=thin' => [
                'worn|wearing|getting (pretty|very|real)* thin', 'bottom|invert is (pretty|very|getting|worn|real|wearing)* thin', 'thin bottom|invert', 'paper thin',
                'bottom|invert is worn thin',
            ],
            'worn_invert+wear=rough' => [
                'worn|wearing|rough bottom|invert', 'bottom|invert is (pretty|very|getting|real)* rough|worn|pitted|scaly', 'channeling|channelling', 'channeled|channelled', 'bottom|invert (is) wearing',
                'rough on the bottom', 'bottom|invert|floor (of|the|this|pipe|line|our)* is (pretty|very|getting|real|really|quite|starting|to|a|bit|little)* rough|worn|pitted|scaly|channeled',  'pitted|pitting', 'worn bottom|invert', 'bottom wear', 'corroded|corrosion', 'bottom rough|worn',
            ],
            'blister' => ['blister(s)', 'blistered|blistering', 'bubble(s) in the liner|pipe'],
            'out_of_round' => ['out of round', 'egg shaped', 'oval(ed)', 'ovaled', 'deformed', 'squashed', 'flattened', 'squished', 'oblong', 'egged'],
            'old_patch' => ['patch(es)', 'patched', 'old|previous|prior|spot|past repair(s)', 'repaired section|spot|piece', 'repair coupling', 'already repaired', 'been repaired'],
            'grease' => ['grease', 'fat', 'greasy', 'grease build up|buildup', 'fats', 'lard', 'soap scum|buildup'],
            'scale' => [
                'scale', 'scaling', 'scaled up', 'rust|mineral|calcium|iron build up|buildup|deposit(s)', 'scale build up|buildup', 'rust (scale)', 'rusty', 'tuberculation', 'buildup', 'build up', 'calcium', 'scaly',
                'encrusted', 'encrustation', 'buildup of scale|rust', 'build up of scale|rust',
            ],
            'sludge' => ['sludge', 'sludgy', 'slime', 'sludge build up|buildup', 'muck', 'sewage sitting|sludge'],
            'sediment' => ['silt', 'sand', 'mud', 'sediment', 'gravel', 'silted', 'muddy', 'dirt (sitting|laying|lying) in|on|along the bottom|pipe|line|invert', 'grit', 'debris'],
            'construction_debris' => [
                'construction debris', 'paint', 'plaster', 'drywall mud', 'grout', 'mortar', 'thinset', 'concrete|cement in the pipe|line|bottom', 'concrete|cement on|along the bottom|invert',
                'chunk(s)|piece(s)|blob|glob|lump(s) of concrete|cement|mortar|plaster|grout', 'hardened|dried|spilled|poured concrete|cement|paint|grout|plaster', 'builder rubble', 'rubble',
            ],
            'rag' => ['rag(s)', 'wipe(s)', 'baby|flushable|wet wipe(s)', 'towel(s)', 'paper towel(s)', 'wad of paper|wipes|rags', 'cloth', 'tampon(s)', 'toilet paper', 'paper'],
            'tool_part' => ['broken|lost|old cutter|blade|nozzle|bit|head (in|left|stuck)', 'piece|part of a|the|some tool|cutter|blade|nozzle|machine', 'drill bit', 'cutter head left|stuck', 'retriever tip'],
            'broken_cable' => ['broken|lost|old|snapped cable|snake|rod', 'piece|length of (broken|a|old)* cable|snake', 'cable|snake left|broken|stuck in'],
            'stone' => ['rock(s)', 'stone(s)', 'brick(s)', 'pebble(s)', 'boulder'],
            'unknown_object' => ['foreign object', 'some (kind|sort|type|of)* object', 'an|unknown object', 'object in the pipe|line', 'toy', 'something stuck|lodged in', 'obstruction', 'some kind of blockage'],
            'cross_bore' => [
                'cross bore(s)', 'crossbore', 'gas|power|electric|telecom|fiber|fibre|utility|cable|water line|pipe|main|conduit|service through|across|going|running|crossing|coming (through|across|into)* (the|our|this|your)* (pipe|line|sewer|drain)',
                'drilled through the|our|this pipe|line|sewer', 'bored through the|our|this pipe|line|sewer',
            ],
            'tie_in' => [
                'tie in(s)', 'tied in|into', 'ties in', 'wye(s)', 'y(s)', 'why', 'tee(s)', 't', 'branch(es)', 'branch line|connection', 'lateral(s)', 'lateral connection', 'side connection|line|branch|drain|inlet',
                'something|line|pipe|one|drain|another|branch|that (is|that|comes|we|have|got|line|pipe)* coming|comes|ties|tying|tied in|into from|on|at|off', 'comes|coming in|into from|on the side|left|right',
                'something|line|pipe|drain|branch coming|comes in', 'kitchen|bathroom|laundry|toilet|washer|sink line|branch|drain ties|comes|coming|tying (in)', 'connection coming in', 'saddle',
                'something coming in', 'junction', 'wye|tee|branch|lateral|line|pipe coming in|off', 'double wye|tee',
            ],
            'wrong_fitting' => ['wrong fitting', 'fitting|tee|wye is|installed|put|in (in)* backwards|backward|wrong', 'backwards fitting|wye|tee', 'tee|wye on its back', 'vent tee', 'wrong (kind|type|of)* fitting'],
            'stubbed_hose' => ['hose stubbed|stuck|shoved|running (in|into)', 'stubbed hose|pipe|line', 'stubbed|shoved|stuck into the|our|this (side|top|of|the)* pipe|line', 'corrugated|flex|flexible hose|pipe|line (stuck|shoved|coming) in|into'],
            'dead_leg' => ['dead leg|end|line|branch', 'abandoned line|branch|pipe|lateral|connection', 'capped line|branch|lateral|wye|tee', 'goes|going nowhere'],
            'transition' => ['transition(s)', 'transition(s) coupling', 'material change', 'change of|in material|pipe', 'pipe|material changes', 'coupling transition'],
            'bend' => [
                'bend(s)', 'elbow(s)', 'turn(s) in the pipe|line', 'long sweep', 'sweep(s)', 'curve(s)', 'curves', 'sharp|hard|slight|tight|gradual|little|big|long turn|bend|curve|sweep', 'a turn', 'bending',
                'jog(s)', 'jogs',
            ],
            'bend+clock=9' => ['turn(s)|bend(s)|turning|bending|bends|elbow|curves|curving|goes|jogs|veers|hooks|sweeps (to|a|sharp|hard|slight|slightly|the|off)* left', 'left turn|bend|hand turn|bend'],
            'bend+clock=3' => ['turn(s)|bend(s)|turning|bending|bends|elbow|curves|curving|jogs|veers|hooks|sweeps (to|a|sharp|hard|slight|slightly|the|off)* right', 'right turn|bend|hand turn|bend'],
            'opening_seen' => ['cleanout(s)', 'clean out(s)', 'two way cleanout', 'two way clean out', 'cleanout riser', 'access point|opening|chamber', 'double cleanout', 'inspection chamber', 'riser'],
            'end_of_line' => ['end of the|this|our|your|line|pipe (line|pipe|run)', 'end of line', 'septic tank', 'inlet of the tank', 'into the tank', 'the tank', 'end cap', 'capped off|end'],
            'tap' => [
                'tap', 'tap (is|goes|going)* into|at|on|to the main|city|sewer|street|line', 'top|side|crown of the main', 'city main|sewer|connection|tap|line', 'public (sewer|main) connection|main|sewer|line|tap', 'public sewer',
                'sewer main', 'main sewer', 'municipal sewer|main|connection|line', 'connection to|at|with the main|city|sewer|street', 'into|hit|hits|reach|reached|reaching|enter|entering|in|at (the|city|our|public)* main|city',
                'that is|there is|this is|here is|is|into (the|our|your|in)* main', "that's|there's|here's (the|our|your)* main", 'ties|tying|tie|tied|drops|dropping|drop|dumps|goes (in|into|to|down)* (to|the|into)* city|main', 'dropping|drop into the main|city|sewer', 'street main', 'main in the street',
            ],
            'short_fall' => [
                'not enough fall|grade|slope|pitch', 'runs|running|laid|is (pretty|dead|almost)* flat', 'flat spot|section|grade', 'back|negative pitched|graded|grade|pitch|fall|slope', 'falls|falling|runs|running|sloped|pitched backwards|backward|back|uphill',
                'no fall|grade|pitch|slope', 'pretty|dead flat', 'backfall', 'back fall',
            ],
            'cannot_go_further' => [
                'stuck', 'can\'t|couldn\'t|unable (really|seem|to)* get|go|push|feed|make|move (it|the|camera|my|this|any|past|through|by)* further|farther|past|through|by|forward|anymore|more', 'won\'t go|feed|push|pass (any|it|past|through|no)* (further|farther|more|past|through)',
                'can\'t|cannot (get|go|push|feed) past|through|by', "won't go|budge|push|feed", 'will not go', 'that\'s|this|that|it\'s|it (is)* as far as (i|we|it|she|he|the|my)* (camera|can|will|could|want|going)* (go|get|push|goes|to)', 'no further|farther', 'can\'t go', 'cannot go', 'hit a (dead|hard)* stop',
                'not (going|able|to|gonna|letting|me|let)* go|get|push|feed|make (it|me|any|past|through|the|camera)* further|past|through|farther', 'camera|i\'m|we\'re|getting|got hung up', 'dead stop',
            ],
            'sight_limited' => [
                'can\'t|cannot see (anything|much|a|thing|nothing|through|very|well|the|pipe)', 'lens|camera is (all|pretty|really|a|bit|little)* dirty|foggy|fogged|greasy|muddy|covered|smeared', 'dirty|foggy|greasy|muddy lens', 'grease|mud|debris on the lens|camera', 'no visibility', 'lost visibility', 'poor|bad|low visibility',
            ],
        ],
        // Said of a finding beside: what kind of roots they are.
        'root' => [
            'root_threads' => ['fine', 'hair', 'hairs', 'tiny', 'thread(s)', 'hairlike', 'wispy', 'stringy'],
            'root_clump' => ['heavy', 'ball', 'mass', 'clump', 'massive', 'solid', 'wad'],
        ],
        'fact' => [
            'soil_seen=yes' => [
                'see (the|some|a|lot|of|bare|all)* soil|dirt|earth|ground', 'seeing (the|some)* soil|dirt|earth', 'soil|dirt|earth (is|is all|coming|showing|visible|exposed|behind|outside|out|falling|right)* showing|visible|exposed|in|behind|there|outside|through|out', 'exposed soil|dirt|earth', 'soil|dirt|earth', 'into the dirt|soil',
            ],
            'void_seen=yes' => ['void', 'void outside|behind|around|under', 'cavity', 'hollow behind|under|outside', 'empty space'],
            'water=on' => ['water is|\'s (still)* running|on', 'with (the)* water running|on', 'water running', "water's running|on", 'running water'],
            'water=off' => ['water is (turned|shut)* off', 'with (the)* water off', 'water off', "water's (turned|shut)* off", 'water shut|turned off', 'no water running'],
            'facing=against_flow' => ['facing (the|into|in|to)* flow', 'against (the)* flow', 'into the flow', 'facing upstream|us', 'catching paper|solids|stuff', 'against the grain'],
            'facing=with_flow' => ['with (the)* flow', 'facing downstream|away', 'facing with the flow', 'stepping|step down with'],
            'moves=stays' => ['won\'t move', 'does not move', "doesn't move", 'not moving', 'will not move', 'stays put', 'can\'t move it'],
            'moves=blocks_camera' => ['block(s)|blocking the|my camera', 'camera (is)* blocked', 'blocks the way'],
            'moves=moves' => ['moves with|when', 'moving with the', 'pushes ahead', 'floating', 'loose'],
            'wear=rough' => ['rough'], 'wear=thin' => ['thin'],
            'crack_state=open' => ['open', 'opened up', 'wide open'], 'crack_state=closed' => ['closed', 'hairline'],
            'crown_gone=yes' => ['crown is gone', 'top is gone'],
            'lens_under=yes' => ['lens under', 'camera under', 'over the lens', 'over the camera', 'goes under', 'going under'],
            'back_after_cutting=yes' => ['back again after', 'grown back', 'growing back'],
        ],
        'clock' => [
            '12' => ['top', 'crown', 'at the crown', 'overhead', 'ceiling'], '3' => ['the right (hand|wall|side)', 'right side|hand|wall (side)', 'on|from right'],
            '6' => ['bottom', 'invert', 'floor'], '9' => ['the left (hand|wall|side)', 'left side|hand|wall (side)', 'on|from left'],
            '7.5' => ['bottom|lower left (side|corner)'], '4.5' => ['bottom|lower right (side|corner)'],
            '10.5' => ['top|upper left (side|corner)'], '1.5' => ['top|upper right (side|corner)'],
        ],
        'material' => [
            'cast_iron' => ['cast iron', 'iron', 'cast', 'ductile iron'], 'clay' => ['clay', 'vitrified clay', 'terracotta', 'terra cotta', 'tile'],
            'pvc_welded' => ['pvc', 'p v c', 'plastic', 'schedule 40', 'schedule forty', 'sch 40', 'schedule 40 pvc', 'plastic pipe'],
            'pvc_gasketed' => ['sdr', 'sdr 35', 'sdr thirty five', 's d r', 's d r 35', 'sdr 26', 'sdr 35 pvc', 'gasketed pvc', 'gasketed plastic', 'sewer pipe plastic'],
            'abs' => ['abs', 'a b s'], 'concrete' => ['concrete', 'cement', 'concrete|cement pipe'],
            'bituminised_fibre' => ['bituminised|bituminized|pitch|tar fibre|fiber|paper', 'tar paper', 'fibre|fiber pipe'],
            'copper' => ['copper'], 'liner' => ['liner', 'lining', 'lined pipe|section', 'the lined', 'cured in place'],
        ],
        'into' => [
            '' => [
                'goes|go|going|went|gone (back|from|over)* to|into', 'change(s)|changes|changing|changed (over|back)* to|into', 'transition(s)|transitions|transitioning|transitioned (over|back)* to|into', 'turns|turn|turning (in)* to|into', 'becomes', 'switches|switch|switched|switching (over|back)* to|into',
                'come(s)|comes|coming|came (back|in|out)* into|to', 'get|getting|got (back)* into', 'now we\'re|we in|on', 'enter|enters|entering', 'now (it\'s|this|is|in|into)', 'runs into', 'moves|moving into', 'tie(s)|ties|tied (in|back)* into', 'connects|connected to|into', 'coupled to|into', 'transition',
            ],
        ],
        'from' => ['' => ['from']],
        'from_material' => ['' => ['goes|go|going|went from', 'change(s)|changes|changing|changed from', 'transition(s)|transitions|transitioning from', 'turns|switches|switch|switching from', 'from']],
        'to' => ['' => ['-', 'to', 'through', 'thru', 'till', 'until', 'up to', 'all the way to', 'down to', 'on to']],
        'between' => ['' => ['between', 'in between']],
        'at' => ['' => ['at', 'around', 'near', 'by', 'about', 'right around', 'right at', 'right about', 'roughly', 'approximately', 'close to', 'at about', 'at around', 'somewhere around', 'out at', 'in at', 'out to', 'in to', 'at roughly', 'at approximately', 'just past', 'just about', 'past']],
        'out' => ['' => ['in', 'out', 'mark', 'down', 'down the line', 'into the line', 'into it', 'from the cleanout', 'on the counter', 'on the reel', 'footage', 'upstream', 'downstream']],
        'starts' => ['' => ['start(s)|starts|started|starting', 'begin(s)|begins|began|beginning', 'start of the|this|a|our', 'drops into', 'going into', 'getting into', 'go into a|the|this', 'enter(s)|entering (a|the|this)*']],
        'ends' => ['' => [
            'end(s)|ends|ended|ending', 'end of the|this|that', 'stop(s)|stops|stopped', 'come(s)|comes|coming (back|right)* out (of)', 'back out of', 'clears up', 'comes up', 'out of (the|it|that|this)* (belly|water|sag|dip|low)', 'goes to', 'runs to', 'continues to', 'goes until', 'lasts until', 'all the way to', 'out of it', 'until',
            'goes|runs|continues|lasts|keeps|go|going|gonna|keep (all|the|way|on|out|back|going|go|up|down)* to|till|until|through', 'back to', 'through to',
        ]],
        'goes_on' => ['' => ['keep|keeps going', 'keeps on', 'still in it|the|that', 'still|stays under', 'continue(s)', 'goes on', 'still (in|got|holding|standing)']],
        'got_to' => ['' => ['made it (out|all|the|way|down|in|about|to)* to', 'got (it|out|down|all|the|way)* to', 'pushed (it|out|down|all|the|way)* to', 'went (out|down|all|the|way)* to', 'reached', 'made it']],
        'deep' => ['' => ['deep', 'in depth', 'down deep', 'of depth', 'of cover', 'below grade', 'underground', 'below the surface', 'deep here', 'to the top of (the)* pipe']],
        'depth' => ['' => ['depth of', 'depth is', 'depth', 'depth at', 'depth of about', 'depth is about', 'depth reads', 'locator reads|says|shows|showing|reading|is (showing|saying)*', 'locates at', 'reading|showing on the locator']],
        'marked' => ['' => ['marked', 'located', 'i located', 'located it', 'painted', 'flagged', 'spray painted', 'put a mark|flag|x|stake', 'mark is', 'sonde', 'beacon']],
        'length' => ['' => ['long', 'wide', 'high', 'tall', 'apart', 'short', 'worth', 'total', 'piece(s)', 'section(s)', 'length(s)', 'stretch', 'run of', 'stick(s)', 'chunk', 'repair', 'of pipe|line|belly|water|it|new|that', 'joints', 'thick', 'each', 'further', 'farther', 'more', 'ago', 'camera', 'ladder', 'trench', 'hole', 'liner']],
        'length_of' => ['' => ['the|this|that|our|your first|next|last|whole|entire|other', 'another', 'every', 'for (about|like|maybe|around)*', 'additional', 'next', 'first', 'last']],
        'bored' => ['' => ['pipe', 'line', 'cleanout', 'clean out', 'main', 'diameter', 'wide pipe', 'schedule', 'sewer', 'lateral', 'wye', 'tee', 'drain', 'riser', 'cutter', 'blade', 'head', 'liner', 'coupling', 'vent', 'stack', 'bore', 'elbow', 'sweep', 'fitting', 'connection', 'tap', 'cap', 'plug', 'branch', 'tie in', 'y', 'why']],
        'from_what' => ['' => ['from|off|to|of|away (of|from|the|left|right)* (the|this|that|your|my|a)* (back|front|side|fence|corner|edge)* fence|curb|kerb|wall|corner|sidewalk|pavement|driveway|tree|foundation|garage|porch|step(s)|house|building|meter|hydrant|pole|street|road|property|patio|slab|gate|shed']],
        'share' => ['' => ['(of)* (the|this|that|your|our) (whole|entire)* pipe|line|bore|opening|diameter|way|capacity|flow', 'of pipe', 'pipe', 'blocked|full|closed|plugged|covered|occluded|filled|restricted|restriction|blockage|obstructed|clogged', 'the way blocked|full|closed', 'of it', 'way']],
        'whole' => ['100' => ['completely|fully|totally|entirely|solid blocked|plugged|clogged|filled|packed', 'whole|entire pipe|line (is)* blocked|plugged|full', '100 percent blocked|plugged|full']],
        'deny' => ['' => [
            'no', 'not seeing|see (any)', "don't|didn't|doesn't|can't|haven't|hasn't|couldn't (really|even)* see|seen|have|find|notice|show|look|spot|detect|got (any)", "don't|doesn't|haven't|didn't see|have|seen|find|notice|show", 'do not|did not|does not|have not see|have|seen|find|show',
            'not (a|an|any|much|no)*', "isn't|aren't|wasn't|ain't (a|an|any|no)*", 'without (any)', 'free of', 'clear of', 'free from', 'none of', 'never', 'nor', 'neither', 'zero', 'no sign(s)|evidence|trace of', 'nothing', 'no more', 'rather than', 'instead of', 'lack of', "there's no|not", 'is no|not', 'are no|not', 'doesn\'t have', 'absence of', "that's|it's|this|it (is)* not",
        ]],
        // Small is there.
        'some' => ['' => ['not much', 'not (a)* whole|lot|ton|bunch|too|very|that|super|real|so|terribly|horribly (of|much|many|bad|big|heavy|terrible|deep|huge|major|lot)*', 'not (a|an|too|that)* bad|big|huge|major|terrible|heavy', 'no (big|more|doubt|question) than|deal|doubt', 'no doubt', 'no question', 'no problem', 'no wonder', 'not only', "can't miss", 'no less than', "don't know if you can see", "don't know if you see", 'if you can see']],
        'presence' => ['' => [
            'here', 'there', 'there\'s', 'there is', 'there are', 'this', 'these', 'those', 'that\'s', 'that is', 'we have', 'we\'ve', 'we got', 'i got', 'i\'ve got', 'i have', 'got', 'i see', 'we see', 'i\'m seeing', 'we\'re seeing', 'you see', 'you can see', 'can see', 'see that|those|this|the|these|it|how|some', 'seeing', 'look at', 'looking at', 'here\'s', 'it\'s', 'it is', 'it has', 'still',
            'he has', 'they have', 'you have', 'you\'ve got', 'you got', 'right', 'found', 'hit', 'hitting', 'saw', 'is our', 'that', 'it', 'coming up', 'showing', 'shows', 'now', 'more', 'another', 'he\'s got', 'she\'s got', 'they\'ve got', 'the line|pipe|joint', 'is',
        ]],
        'general' => ['' => [
            'usually', 'typically', 'normally', 'often', 'generally', 'in general', 'sometimes', 'a lot of times', 'a lot of (the)* time', 'most of the time', 'whenever', 'anytime', 'if you', 'if we', 'if it', 'if they', 'if there|the|this|that', 'would', 'could', 'cause|causes|causing', 'recommend', 'when you|people|they|roots|a|the|it|there', 'every year', 'machine(s)', 'designed', 'people', 'homeowners', 'customers', 'folks', 'they say|said|told', 'called', 'years ago', 'in the past', 'we sell|offer|do',
            'these|this|our|my cutter(s)|nozzle(s)|machine(s)|tool(s)|blade(s)|camera(s)', 'cutter', 'nozzle', 'jetter', 'chain(s)', 'worry about', 'worried', 'what happens', 'to prevent', 'prevent', 'prone', 'known for', 'tend(s) to', 'happens', 'price', 'cost', 'charge', 'quote', 'warranty', 'guarantee', 'the word', 'called a|an', 'means', 'why they|we|you|it', 'as a rule', 'always', 'in my experience', 'for example', 'for instance', 'like and subscribe', 'gonna|going have|get|need', 'eventually', 'video', 'channel', 'example', 'comes from', 'caused by', 'depends', 'should', 'may want', 'might want', 'going to need', 'stuff like', 'things like', 'such as',
        ]],
        'question' => ['' => [
            'could|is|are|was|were|would there (be)', 'do|does|did you|we|they|he|she|it (have|see|know|get|want)*', 'asked|asking|asks|wonder|wondering (me|us|if|whether|about)*', 'whether', 'if there is|are|was|were|\'s', 'see if', 'check for', 'checking for', 'looking for', 'look for', 'what about', 'how about', 'any chance', 'have you|they', 'is it a|the', 'make sure', 'to find out', 'suspect(s|ed)', 'find out if',
        ]],
        'right_here' => ['' => ['right here', 'right there', 'here', 'in here']],
        'points' => ['' => ['see that|those|it|them|this|the', 'you see that|those|it|this|the', 'can you see that|those|it|this|the']],
        'gone' => ['' => [
            'gone', 'removed', 'been removed', 'cleared', 'cleared out|up|away', 'cut out|away|back|them|it|through|all|the', 'cleaned out|up|off|away', 'washed out|away|down', 'flushed out|away|down', 'knocked out|loose|down', 'taken out|care', 'took out|care', 'got (them|it|all|that|those|the|rid|most|everything)* out|of', 'pulled out', 'got rid', 'used to', 'no longer', 'jetted out|away|off', 'broke through', 'blew out', 'busted through', 'chewed', 'chewed up', 'ground', 'after (cutting|jetting|cleaning)', 'went away', 'drained',
        ]],
        'was' => ['' => ['was', 'were', 'had', 'there was', 'there were', 'we had', 'used to be', 'used to have', 'previously', 'last time', 'before we', 'earlier', 'had been', 'where the', 'when we started', 'when we got here']],
        'still' => ['' => ['still', 'left', 'remaining', 'but there', 'again', 'back', 'still have|there|is|are', 'remain(s)']],
        'likely' => ['' => [
            'look(s)|looks|looking|looked like', 'might', 'might be|have', 'maybe', 'possibly', 'possible', 'probably', 'appears', 'appears to', 'appear to', 'seems', 'seem', 'seems like|to', 'i think', 'i believe', 'we think', 'could be', 'may be', 'may have', 'perhaps', 'likely', 'almost looks like', 'i\'m thinking', 'suspected', 'i suspect', 'potential', 'potentially', 'what looks|appears like|to be', 'most likely', 'looks to be', 'sounds like',
        ]],
        'cannot_say' => ['' => ["can't (really|quite|even)* tell|say", 'cannot (really|quite)* tell|say', 'not (really|quite|entirely|100|totally|exactly)* sure|certain', 'hard to say|tell|know|see', 'tough to say|tell', 'difficult to say|tell', "don't|do not know (if|what|whether)", 'no idea', 'couldn\'t tell|say', 'unclear', 'unsure', 'who knows', 'your guess is', 'not positive', 'can\'t be sure']],
        'unsure_how' => ['' => ["can't|cannot (really|quite)* tell|say how|where", 'not (really)* sure how|where|why|who|when', 'hard to say|tell how|where|why', "don't|do not know how|why|who|when|where"]],
        'contrast' => ['' => ['but', 'except', 'although', 'however', 'though', 'until', 'then', 'only', 'besides', 'other than', 'apart from', 'aside from']],
        'cut' => ['' => ['so', 'okay', 'ok', 'and then', 'alright', 'all right', 'next', 'now', 'then', 'anyway', 'well']],
        'here' => ['' => ['right here', 'right there', 'right about here', 'there\'s', 'there is', 'there are', 'we have', 'we\'ve got', 'we got', 'you have', 'you got', 'i see', 'we see', 'you can see', "that's", 'that is', 'this is', 'got']],
        'move' => ['' => [
            'push(ing)|pushing (on|ahead|forward|past|through|further|farther|down|it|the|camera)*', 'keep|keeps|keeping going|pushing|moving', 'moving|move|moves on|forward|ahead|along|past', 'continue|continuing (on|down|past|forward)*', 'coming up on|to', 'going on|forward|ahead|past|down', 'carry|carrying on', 'further down|along', 'heading|head on|down|forward|past', 'let\'s go|keep|move|push', 'as we go', 'past that|it|this', 'on we go', 'here we go',
        ]],
        'back' => ['' => ['pull(ing)|pulling|pulled (it|the|camera|this|her|my|slowly)* back', 'reel(ing)|reeling|reeled (it|the|her|back|in|camera)* (back|in|up)', 'back(ing)|backing (it|up|out|the|camera)* (up|out)', 'draw(ing)|drawing (it|the|camera)* back', 'coming|come back (out|now)', 'on the way back|out', 'retract(ing)', 'retracting']],
        'run' => ['' => [
            'zero(ed)|zeroed|zeroing (it|out|the|my|our|this|counter|camera|reel|footage)*', 'set|reset|resetting|setting (the|my|our)* counter|footage|reel (to|at)* (zero)', 'second|next|other|another|third|different|first line|run|pipe|drain|lateral', 'other|opposite|reverse direction|way', 'from the (other|second|next|front|back|upstream|downstream) end|side|cleanout|opening', 'other|different|second|another|next cleanout|opening|access|end', 'going|go|heading|pushing|looking|run|running upstream|downstream (now|instead)*', 'toward|towards|back to the house|building|street now', 'start(ing)|starting over|again from', 'switch|switching|switched|turn|turning|turned (sides|around|directions)',
        ]],
        'again' => ['' => ['again', 'as i showed|said|mentioned', 'like i showed|said|mentioned', 'as we saw|seen', 'as you saw', 'like you saw', 'i showed you', 'we talked about', 'i mentioned', 'same', 'we saw', 'you saw', 'i pointed out', 'overall', 'in summary', 'to recap', 'to summarize', 'to sum up', 'all in all', 'so in total', 'in total', 'in conclusion', 'bottom line', 'the same', 'we just saw|passed', 'that we saw', 'back to', 'back at', 'as noted']],
        'sorry' => ['' => ['sorry', 'no wait', 'wait', 'i mean', 'make that', 'correction', 'scratch that', 'excuse me', 'rather', 'or actually', 'my bad', 'no i', 'no make it', 'not that', 'strike that', 'i meant', 'wait no', 'er no', 'or sorry', 'no sorry', 'let me correct that', 'correct that']],
        'reached' => ['' => ['we\'re|i\'m|camera\'s|that\'s|it\'s (out|at|now|in|about|currently|right)* at|out|in', 'we|i am|are|have (now|currently|about)* at|out|in', 'made it', 'so far', 'reached', 'puts us', 'counter|reel reads|says|shows|is', 'got out to']],
        // The kind that was named last, once more.
        'another' => ['' => ['another one', 'one more', 'another (at|one|spot|place)', 'same thing', 'more of the same', 'same (again)', 'and again', 'the same', 'a second one', 'more of them|those|that|it', 'also']],
        'way' => ['' => ['through', 'from', 'out of', 'off', 'down', 'open|opened|opening', 'our', 'my', 'of', 'in', 'using', 'use', 'via', 'at', 'inside', 'back to', 'into', 'toward', 'towards', 'to', 'find', 'install|installing|add|adding|put|putting|need|needs', 'between', 'past', 'until', 'by', 'is', 'called']],
        'toward' => ['' => ['heading', 'headed', 'going', 'toward', 'towards', 'way to', 'out to', 'until', 'till', 'before', 'get to', 'getting to', 'from', 'all the way to', 'close to', 'to', 'for', 'on our way', 'nearing', 'see', 'look for', 'responsibility', 'down to', 'go to']],
        'will' => ['' => ['will', 'i\'ll', 'we\'ll', 'going to', 'gonna', 'try', 'trying', 'let\'s', 'want to', 'push it', 'go', 'see', 'run it', 'push', 'can you']],
        'none' => ['' => [
            'or so', 'now at', 'wipe the|my|that|this|off|it', 'clean the|my|off', 'let me wipe|clean', 'wiping (the)', 'so far', 'right now', 'not so', 'so much|many|bad|that|you|we', 'now that', 'as well', 'well and', 'pretty well', 'very well', 'flowing well', 'so good', 'until now', 'then again', 'and now',
            'clay|cast|iron|pvc|plastic|pipe connection', 'turn|turned|turning on|off the water', 'turn|turned the water on|off', 'turn|turned it on|off', 'turn around', 'turn out', 'your turn', 'in turn', 'turn to', 'take a turn', 'right turn signal', 'break time', 'take a break', 'lunch break', 'break it up|down', 'break through', 'break up', 'fat chance', 'step by step', 'next step', 'first step', 'step back', 'steps', 'the step', 'front step', 'large scale', 'scale of', 'on a scale', 'scale model',
            'gas line', 'water line', 'root of the', 'root cause', 'root cutter(s)', 'root saw', 'root killer|treatment|foam', 'cutting root(s)', 'branch out', 'why is|are|do|does|did|not|we|you|i|it|they|this|that', "that's|that|is why", 'reason why', 'why it', 'split second', 'paper work', 'on paper', 'paint it', 'paint mark|marks', 'spray paint', 'marking paint', 'paint on the|a', 'stone age', 'rock and roll', 'rock solid', 'holding up', 'in the hole', 'dig a|the hole', 'hole in the ground|yard', 'piece of cake', 'tap on', 'tap the|a (button|screen)', 'tap water', 'water tap',
            'top of the drop|hole|ground|stack|ladder|screen|hour', 'bottom of the drop|hole|stack|screen|riser|hill|cleanout', 'bottom line', 'on top of that', 'at the top of', 'from the top', 'from top to bottom', 'top notch', 'top to bottom', 'bend down|over', 'gap year', 'main line|drain|stack|level|floor|problem|thing|issue|reason|concern|house', 'all right', 'right away|now|after|before|past|on|in|up|through|off|under|by|next|back|to|into|out|over|where', 'that\'s right', 'is that right', 'left over', 'what\'s left', 'left in', 'left to', 'left at', 'we left', 'i left', 'they left',
            'sand bag|paper', 'dip stick', 'skinny dip', 'bubble gum', 'dead line', 'in|into the tank of', 'dirt bike', 'dirt cheap', 'dirt road', 'transition period', 'fine by|with', 'that\'s fine', 'is fine', 'looks fine', 'just fine', 'fine line', 'as far as i know|we know|i\'m concerned', 'stuck with', 'stuck in|on the wall', 'cutter head', 'going to', 'gonna', 'want to', 'have to', 'need to', 'got to go', 'able to', 'clean out the|that|this|all|it', 'clean it out',
            'mud room', 'laundry room', 'fat pipe', 'grease trap', 'grease interceptor', 'roof vent', 'in line', 'in the line', 'in this line', 'in general', 'in here', 'in there',
        ]],
    ],
    // What a person may say to the line instead of a finding.
    'commands' => [
        'again' => ['same again', 'same thing again', 'again the same', 'one more', 'another one', 'repeat that', 'repeat'],
        'undo' => ['undo', 'undo that', 'take that back', 'take it back', 'scratch that', 'delete that', 'cancel that', 'remove that'],
        'start_low' => ['start of the low spot', 'start of low spot', 'low spot starts', 'low spot starts here', 'belly starts', 'belly starts here', 'start of the belly', 'start of the sag'],
        'end_low' => ['end of the low spot', 'low spot ends', 'low spot ends here', 'belly ends', 'belly ends here', 'end of the belly', 'end of the sag', 'out of the belly', 'out of the low spot'],
        'place' => ['that was at', 'that is at', "that's at", 'make that', 'that should be at', 'that one was at', 'it was at', 'move that to'],
    ],
];
