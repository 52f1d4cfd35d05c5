<?php

declare(strict_types=1);

namespace App\Record;

/** Why somebody called. */
enum Why: string
{
    case Stoppage = 'stoppage';
    case RepeatStoppage = 'repeat_stoppage';
    case BeforePurchase = 'before_purchase';
    case AfterCleaning = 'after_cleaning';
    case FollowUp = 'follow_up';
}
