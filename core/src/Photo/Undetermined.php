<?php

declare(strict_types=1);

namespace FineFrame\Photo;

use FineFrame\FineFrameException;

/** What a picture does not tell: too few marks, marks on one line, a ray that never meets the floor. */
final class Undetermined extends \DomainException implements FineFrameException
{
    public static function tooFew(int $there, int $wanted): self
    {
        return new self($there.($there === 1 ? ' mark is' : ' marks are')." too few: $wanted or more are wanted for what is unknown.");
    }

    public static function onOneLine(): self
    {
        return new self('All marks lie on one line: the camera could be anywhere around it.');
    }

    public static function apart(): self
    {
        return new self('These marks do not tell focal length and distance apart: add one nearer or farther, or type the focal length.');
    }

    public static function nowhere(): self
    {
        return new self('From no standpoint would these marks look so: two of them may be exchanged.');
    }

    public static function horizon(): self
    {
        return new self('That point lies on the horizon or above it: its ray never meets the floor.');
    }

    public static function beside(): self
    {
        return new self('That ray never meets the wall.');
    }

    public static function oneStandpoint(): self
    {
        return new self('Both photographs are from one standpoint: walk a step or two, and take the second one again.');
    }

    public static function parallel(): self
    {
        return new self('Two of the three families have no vanishing point in the picture: the focal length is not determined.');
    }
}
