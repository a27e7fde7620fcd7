<?php

declare(strict_types=1);

namespace App\Features\SignIn\Console;

use App\Models\Person;
use App\Support\Console\OptionRefused;
use App\Support\Console\WritesErrors;

/** Finds the person that a command names by code or email address. */
trait FindsPerson
{
    use WritesErrors;

    /** @throws OptionRefused */
    private function person(): Person
    {
        $named = $this->argument('person');

        return Person::query()->where('code', $named)->orWhere('email', $named)->first()
            ?? throw OptionRefused::because('no_person', ['value' => $named]);
    }
}
