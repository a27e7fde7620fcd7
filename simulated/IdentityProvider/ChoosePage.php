<?php

declare(strict_types=1);

namespace Simulated\IdentityProvider;

use Closure;

/** Where somebody chooses who to be. */
final class ChoosePage
{
    /** What is handed on from the question to the answer. */
    private const HANDED_ON = ['client_id', 'redirect_uri', 'state', 'nonce', 'code_challenge'];

    /**
     * @param  array<string, Account>  $accounts
     * @param  Closure(string): string  $asked
     */
    public static function of(array $accounts, Closure $asked): string
    {
        $hidden = implode('', array_map(static fn (string $name): string => '<input type="hidden" name="'.$name.'" value="'.htmlspecialchars($asked($name)).'">', self::HANDED_ON));
        $people = implode('', array_map(static fn (Account $account): string => '<li><button name="subject" value="'.htmlspecialchars($account->subject).'">'
            .htmlspecialchars($account->name).'</button> '.htmlspecialchars($account->email).($account->isVerified ? '' : ' (not verified)').'</li>', $accounts));

        return <<<HTML
            <!DOCTYPE html>
            <html lang="en">
                <head>
                    <meta charset="utf-8">
                    <meta name="viewport" content="width=device-width, initial-scale=1">
                    <title>Simulated identity provider</title>
                    <style>
                        body { margin: 2rem auto; max-width: 36rem; padding: 0 1rem; font: 16px/1.5 Georgia, serif; background: #f6f3ea; color: #1d3127; }
                        li { margin: 6px 0; } ul { list-style: none; padding: 0; }
                        button { font: inherit; background: none; border: 0; border-bottom: 1px solid; padding: 6px 0; color: inherit; cursor: pointer; }
                    </style>
                </head>
                <body>
                    <main>
                        <h1>Simulated identity provider</h1>
                        <p>For demonstrations and tests: choose who to be. There is no password.</p>
                        <form method="post" action="/authorize">
                            {$hidden}
                            <p><label><input type="checkbox" name="factor"> With a second factor</label></p>
                            <ul>{$people}</ul>
                        </form>
                    </main>
                </body>
            </html>
            HTML;
    }
}
