<?php

declare(strict_types=1);

namespace Tests\Core\OwnFields;

use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldChoice;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;
use Moss\Core\OwnFields\OwnFieldRefused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What an own field takes, and of what it is asked. */
final class OwnFieldTest extends TestCase
{
    #[TestWith([FieldKind::Text, '  two   words ', 'two words'])]
    #[TestWith([FieldKind::Text, '', ''])]
    #[TestWith([FieldKind::Number, '007', '7'])]
    #[TestWith([FieldKind::Number, '100', '100'])]
    #[TestWith([FieldKind::Number, '1,50', '1.5'])]
    #[TestWith([FieldKind::Number, '-0.000001', '-0.000001'])]
    #[TestWith([FieldKind::Number, '123456789012.123456', '123456789012.123456'])]
    #[TestWith([FieldKind::Choice, 'home', 'home'])]
    #[TestWith([FieldKind::Choice, 'AT THE CLIENT', 'client'])]
    #[TestWith([FieldKind::YesNo, 'Yes', 'yes'])]
    #[TestWith([FieldKind::Date, '2026-06-17', '2026-06-17'])]
    public function test_what_it_takes(FieldKind $kind, string $typed, string $stored): void
    {
        $field = self::field($kind);

        self::assertSame($stored, $field->read($typed));
        self::assertSame($stored, $field->read($stored), 'what is stored is read as itself');
    }

    #[TestWith([FieldKind::Text, "a\u{200B}b"])]
    #[TestWith([FieldKind::Number, '1e3'])]
    #[TestWith([FieldKind::Number, '1.2.3'])]
    #[TestWith([FieldKind::Number, '1234567890123'])]
    #[TestWith([FieldKind::Choice, 'abroad'])]
    #[TestWith([FieldKind::Choice, 'train'])]
    #[TestWith([FieldKind::YesNo, 'maybe'])]
    #[TestWith([FieldKind::Date, '17.6.2026'])]
    #[TestWith([FieldKind::Date, '2026-02-30'])]
    public function test_what_it_refuses(FieldKind $kind, string $typed): void
    {
        $this->expectException(OwnFieldRefused::class);
        self::field($kind)->read($typed);
    }

    public function test_a_text_has_an_end(): void
    {
        self::assertSame(OwnField::LONGEST, mb_strlen(self::field(FieldKind::Text)->read(str_repeat('é', OwnField::LONGEST))));
        $this->expectException(OwnFieldRefused::class);
        self::field(FieldKind::Text)->read(str_repeat('é', OwnField::LONGEST + 1));
    }

    public function test_a_retired_choice_stays_where_it_is(): void
    {
        self::assertSame('train', self::field(FieldKind::Choice)->read('train', held: 'train'));
        self::assertSame('On the train', self::field(FieldKind::Choice)->nameOf('train'));
        self::assertSame('unknown', self::field(FieldKind::Choice)->nameOf('unknown'));
    }

    #[TestWith(['2026-06-30', 'coast', 'quarry', false])]
    #[TestWith(['2026-07-01', 'coast', 'quarry', true])]
    #[TestWith(['2026-07-01', 'hill', 'quarry', false])]
    #[TestWith(['2026-07-01', 'coast', null, false])]
    #[TestWith(['2026-07-01', null, 'quarry', false])]
    #[TestWith([null, 'coast', 'quarry', true])]
    public function test_of_what_it_is_asked(?string $day, ?string $team, ?string $client, bool $asks): void
    {
        $field = new OwnField('x', 'X', FieldSubject::Entry, FieldKind::Text, true, Day::of('2026-07-01'), 'coast', 'quarry');

        self::assertSame($asks, $field->asks($day === null ? null : Day::of($day), $team, $client));
        self::assertTrue((new OwnField('x', 'X', FieldSubject::Entry, FieldKind::Text))->asks($day === null ? null : Day::of($day), $team, $client));
    }

    private static function field(FieldKind $kind): OwnField
    {
        return new OwnField('place', 'Place of work', FieldSubject::Entry, $kind, choices: [
            new FieldChoice('home', 'At home'), new FieldChoice('client', 'At the client'), new FieldChoice('train', 'On the train', true),
        ]);
    }
}
