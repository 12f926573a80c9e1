<x-line-field :label="'New password, at least '.App\Access\Passwords::LEAST.' characters'"><input class="entry" name="password" type="password" autocomplete="new-password"
  minlength="{{ App\Access\Passwords::LEAST }}" required></x-line-field>
<x-line-field label="The new password once more"><input class="entry" name="again" type="password" autocomplete="new-password" required></x-line-field>
