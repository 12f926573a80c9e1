<label class="line-field">New password, at least {{ App\Access\Passwords::LEAST }} characters<input class="entry" name="password" type="password" autocomplete="new-password" minlength="{{ App\Access\Passwords::LEAST }}" required></label>
<label class="line-field">The new password once more<input class="entry" name="again" type="password" autocomplete="new-password" required></label>
