<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\MessageKind;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Something that a person is to be told. */
final readonly class Notice
{
    /**
     * @param  int  $person  who is told
     * @param  string  $about  the same for the same thing, so that it is told once
     * @param  array<string, Minutes|Day|int|string>  $values  by the name that the wording uses
     * @param  string  $link  where in the application it is
     */
    public function __construct(public int $person, public MessageKind $kind, public string $about, public array $values, public string $link)
    {
    }
}
