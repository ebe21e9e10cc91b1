<?php

declare(strict_types=1);

namespace Uvret\Snags;

/** What can go wrong. */
enum SnagKind: string
{
    case NotMade = 'not made';
    case MissingLetter = 'missing letter';
    case OutsideArea = 'outside the area';
    case WiderThanFilm = 'wider than the film';
    case LooseLetters = 'letters that do not join';
    case ThinJoin = 'thin join';
    case FilledHole = 'filled hole';
    case ThinStroke = 'thin stroke';
    case ThinNeck = 'thin neck';
    case ThinTail = 'thin tail';
    case ThinRemains = 'thin remains';
    case SmallHole = 'small hole';
    case LongerThanPath = 'longer than its path';
    case TightCurve = 'curve too tight';
    case Overlap = 'overlapping letters';
    case CutThrough = 'cut right through';
    case ReadsOtherwise = 'reads in another order';
    case Unseen = 'unseen on the same film';
    case Hidden = 'hidden by another film';
    case OnLettering = 'lettering on lettering';
    case LooseIslands = 'loose islands';
    case TooThick = 'too thick';
    case ShowsThrough = 'shows through';
    case OffBrim = 'off the brim';
    case HardlySeen = 'hardly seen on the fabric';
    case OnKeepOff = 'on a place to keep off';
    case NearKeepOff = 'near a place to keep off';
    case UnsuitedFilm = 'film that does not suit';
    case OtherwiseNow = 'otherwise than it was';

    /** Whether it would spoil film or garment, as opposed to being worth a look. */
    public function blocks(): bool
    {
        return !\in_array(
            $this,
            [
                self::OutsideArea,
                self::ThinJoin,
                self::FilledHole,
                self::SmallHole,
                self::OffBrim,
                self::ReadsOtherwise,
                self::LooseIslands,
                self::OnLettering,
                self::CutThrough,
                self::ThinNeck,
                self::ThinTail,
                self::TooThick,
                self::ShowsThrough,
                self::HardlySeen,
                self::NearKeepOff,
                self::OtherwiseNow,
            ],
            true,
        );
    }
}
