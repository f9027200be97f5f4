var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var beginSecondFactor = validate22;
var func1 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u");
function validate22(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate22.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.password === void 0 && (missing0 = "password"))
        return validate22.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "password") {
            return validate22.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.password !== void 0) {
          let data0 = data.password;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func1(data0) > 200)
                return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
              if (func1(data0) < 1)
                return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern4.test(data0))
                return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
            } else
              return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate22.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate22.errors = vErrors, errors === 0;
}
validate22.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeAddress = validate23;
var pattern7 = new RegExp("^[^\\s@]+@[^\\s@]+$", "u");
function validate23(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate23.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.email === void 0 && (missing0 = "email") || data.password === void 0 && (missing0 = "password"))
        return validate23.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "email" || key0 === "password")) {
            return validate23.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.email !== void 0) {
            let data0 = data.email, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 200)
                  return validate23.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func1(data0) < 3)
                  return validate23.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                if (!pattern7.test(data0))
                  return validate23.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
              } else
                return validate23.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate23.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 1)
                    return validate23.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate23.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate23.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate23.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate23.errors = vErrors, errors === 0;
}
validate23.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeManyRoles = validate24, schema35 = { type: "object", required: ["people", "roles", "how"], properties: { people: { type: "array", items: { type: "object", required: ["id", "version"], properties: { id: { type: "string", format: "uuid" }, version: { type: "integer", minimum: 1, maximum: 2147483647 } }, additionalProperties: !1 }, minItems: 1, maxItems: 2e3 }, roles: { type: "array", items: { type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] }, minItems: 1, maxItems: 7, uniqueItems: !0 }, how: { type: "string", enum: ["add", "replace"] } }, additionalProperties: !1 }, formats0 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;
function validate24(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate24.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.people === void 0 && (missing0 = "people") || data.roles === void 0 && (missing0 = "roles") || data.how === void 0 && (missing0 = "how"))
        return validate24.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "people" || key0 === "roles" || key0 === "how")) {
            return validate24.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.people !== void 0) {
            let data0 = data.people, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 2e3)
                  return validate24.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                if (data0.length < 1)
                  return validate24.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                          return validate24.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "version")) {
                              return validate24.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats0.test(data2))
                                    return validate24.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate24.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.version !== void 0) {
                                let data3 = data1.version, _errs9 = errors;
                                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                  return validate24.errors = [{ instancePath: instancePath + "/people/" + i0 + "/version", schemaPath: "#/properties/people/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                  if (data3 > 2147483647 || isNaN(data3))
                                    return validate24.errors = [{ instancePath: instancePath + "/people/" + i0 + "/version", schemaPath: "#/properties/people/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                  if (data3 < 1 || isNaN(data3))
                                    return validate24.errors = [{ instancePath: instancePath + "/people/" + i0 + "/version", schemaPath: "#/properties/people/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                }
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate24.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate24.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.roles !== void 0) {
              let data4 = data.roles, _errs11 = errors;
              if (errors === _errs11)
                if (Array.isArray(data4)) {
                  if (data4.length > 7)
                    return validate24.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/maxItems", keyword: "maxItems", params: { limit: 7 }, message: "must NOT have more than 7 items" }], !1;
                  if (data4.length < 1)
                    return validate24.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                  {
                    var valid3 = !0;
                    let len1 = data4.length;
                    for (let i1 = 0; i1 < len1; i1++) {
                      let data5 = data4[i1], _errs13 = errors;
                      if (typeof data5 != "string")
                        return validate24.errors = [{ instancePath: instancePath + "/roles/" + i1, schemaPath: "#/properties/roles/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      if (!(data5 === "owner" || data5 === "administrator" || data5 === "manager" || data5 === "project manager" || data5 === "bookkeeper" || data5 === "staff" || data5 === "auditor"))
                        return validate24.errors = [{ instancePath: instancePath + "/roles/" + i1, schemaPath: "#/properties/roles/items/enum", keyword: "enum", params: { allowedValues: schema35.properties.roles.items.enum }, message: "must be equal to one of the allowed values" }], !1;
                      var valid3 = _errs13 === errors;
                      if (!valid3)
                        break;
                    }
                    if (valid3) {
                      let i2 = data4.length, j0;
                      if (i2 > 1) {
                        let indices0 = {};
                        for (; i2--; ) {
                          let item0 = data4[i2];
                          if (typeof item0 == "string") {
                            if (typeof indices0[item0] == "number") {
                              return j0 = indices0[item0], validate24.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/uniqueItems", keyword: "uniqueItems", params: { i: i2, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i2 + " are identical)" }], !1;
                              break;
                            }
                            indices0[item0] = i2;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate24.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs11 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.how !== void 0) {
                let data6 = data.how, _errs15 = errors;
                if (typeof data6 != "string")
                  return validate24.errors = [{ instancePath: instancePath + "/how", schemaPath: "#/properties/how/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                if (!(data6 === "add" || data6 === "replace"))
                  return validate24.errors = [{ instancePath: instancePath + "/how", schemaPath: "#/properties/how/enum", keyword: "enum", params: { allowedValues: schema35.properties.how.enum }, message: "must be equal to one of the allowed values" }], !1;
                var valid0 = _errs15 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate24.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate24.errors = vErrors, errors === 0;
}
validate24.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeName = validate25;
function validate25(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate25.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name"))
        return validate25.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "name") {
            return validate25.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.name !== void 0) {
          let data0 = data.name;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func1(data0) > 100)
                return validate25.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
              if (func1(data0) < 1)
                return validate25.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern4.test(data0))
                return validate25.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
            } else
              return validate25.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate25.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate25.errors = vErrors, errors === 0;
}
validate25.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePassword = validate26;
function validate26(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate26.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.current === void 0 && (missing0 = "current") || data.next === void 0 && (missing0 = "next"))
        return validate26.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "current" || key0 === "next")) {
            return validate26.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.current !== void 0) {
            let data0 = data.current, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 200)
                  return validate26.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func1(data0) < 1)
                  return validate26.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate26.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate26.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.next !== void 0) {
              let data1 = data.next, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate26.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 12)
                    return validate26.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate26.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate26.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate26.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate26.errors = vErrors, errors === 0;
}
validate26.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePerson = validate27;
function validate27(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate27.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.email === void 0 && (missing0 = "email") || data.staffNumber === void 0 && (missing0 = "staffNumber"))
        return validate27.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "email" || key0 === "staffNumber")) {
            return validate27.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 100)
                  return validate27.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func1(data0) < 1)
                  return validate27.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate27.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate27.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.email !== void 0) {
              let data1 = data.email, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 3)
                    return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                  if (!pattern7.test(data1))
                    return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
                } else
                  return validate27.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.staffNumber !== void 0) {
                let data2 = data.staffNumber, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func1(data2) > 40)
                      return validate27.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                    if (func1(data2) < 1)
                      return validate27.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                    if (!pattern4.test(data2))
                      return validate27.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                  } else
                    return validate27.errors = [{ instancePath: instancePath + "/staffNumber", schemaPath: "#/properties/staffNumber/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate27.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate27.errors = vErrors, errors === 0;
}
validate27.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePreferences = validate28, schema39 = { type: "object", required: ["theme", "durationForm"], properties: { theme: { type: "string", enum: ["light", "dark", "system"] }, durationForm: { type: "string", enum: ["clock", "decimal"] } }, additionalProperties: !1 };
function validate28(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate28.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.theme === void 0 && (missing0 = "theme") || data.durationForm === void 0 && (missing0 = "durationForm"))
        return validate28.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "theme" || key0 === "durationForm")) {
            return validate28.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.theme !== void 0) {
            let data0 = data.theme, _errs2 = errors;
            if (typeof data0 != "string")
              return validate28.errors = [{ instancePath: instancePath + "/theme", schemaPath: "#/properties/theme/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            if (!(data0 === "light" || data0 === "dark" || data0 === "system"))
              return validate28.errors = [{ instancePath: instancePath + "/theme", schemaPath: "#/properties/theme/enum", keyword: "enum", params: { allowedValues: schema39.properties.theme.enum }, message: "must be equal to one of the allowed values" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.durationForm !== void 0) {
              let data1 = data.durationForm, _errs4 = errors;
              if (typeof data1 != "string")
                return validate28.errors = [{ instancePath: instancePath + "/durationForm", schemaPath: "#/properties/durationForm/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              if (!(data1 === "clock" || data1 === "decimal"))
                return validate28.errors = [{ instancePath: instancePath + "/durationForm", schemaPath: "#/properties/durationForm/enum", keyword: "enum", params: { allowedValues: schema39.properties.durationForm.enum }, message: "must be equal to one of the allowed values" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate28.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate28.errors = vErrors, errors === 0;
}
validate28.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeRoles = validate29, schema40 = { type: "object", required: ["roles"], properties: { roles: { type: "array", items: { type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] }, minItems: 1, maxItems: 8, uniqueItems: !0 } }, additionalProperties: !1 };
function validate29(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate29.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.roles === void 0 && (missing0 = "roles"))
        return validate29.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "roles") {
            return validate29.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.roles !== void 0) {
          let data0 = data.roles;
          if (errors === errors)
            if (Array.isArray(data0)) {
              if (data0.length > 8)
                return validate29.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/maxItems", keyword: "maxItems", params: { limit: 8 }, message: "must NOT have more than 8 items" }], !1;
              if (data0.length < 1)
                return validate29.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
              {
                var valid1 = !0;
                let len0 = data0.length;
                for (let i0 = 0; i0 < len0; i0++) {
                  let data1 = data0[i0], _errs4 = errors;
                  if (typeof data1 != "string")
                    return validate29.errors = [{ instancePath: instancePath + "/roles/" + i0, schemaPath: "#/properties/roles/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  if (!(data1 === "owner" || data1 === "administrator" || data1 === "manager" || data1 === "project manager" || data1 === "bookkeeper" || data1 === "staff" || data1 === "auditor"))
                    return validate29.errors = [{ instancePath: instancePath + "/roles/" + i0, schemaPath: "#/properties/roles/items/enum", keyword: "enum", params: { allowedValues: schema40.properties.roles.items.enum }, message: "must be equal to one of the allowed values" }], !1;
                  var valid1 = _errs4 === errors;
                  if (!valid1)
                    break;
                }
                if (valid1) {
                  let i1 = data0.length, j0;
                  if (i1 > 1) {
                    let indices0 = {};
                    for (; i1--; ) {
                      let item0 = data0[i1];
                      if (typeof item0 == "string") {
                        if (typeof indices0[item0] == "number") {
                          return j0 = indices0[item0], validate29.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                          break;
                        }
                        indices0[item0] = i1;
                      }
                    }
                  }
                }
              }
            } else
              return validate29.errors = [{ instancePath: instancePath + "/roles", schemaPath: "#/properties/roles/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
        }
      }
    } else
      return validate29.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate29.errors = vErrors, errors === 0;
}
validate29.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeTeam = validate30;
function validate30(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate30.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.leadId === void 0 && (missing0 = "leadId") || data.people === void 0 && (missing0 = "people"))
        return validate30.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "leadId" || key0 === "people")) {
            return validate30.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 100)
                  return validate30.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func1(data0) < 1)
                  return validate30.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate30.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate30.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.leadId !== void 0) {
              let data1 = data.leadId, _errs4 = errors;
              if (errors === _errs4 && errors === _errs4)
                if (typeof data1 == "string") {
                  if (!formats0.test(data1))
                    return validate30.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                } else
                  return validate30.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.people !== void 0) {
                let data2 = data.people, _errs6 = errors;
                if (errors === _errs6)
                  if (Array.isArray(data2)) {
                    if (data2.length > 2e3)
                      return validate30.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                    {
                      var valid1 = !0;
                      let len0 = data2.length;
                      for (let i0 = 0; i0 < len0; i0++) {
                        let data3 = data2[i0], _errs8 = errors;
                        if (errors === _errs8 && errors === _errs8)
                          if (typeof data3 == "string") {
                            if (!formats0.test(data3))
                              return validate30.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                          } else
                            return validate30.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid1 = _errs8 === errors;
                        if (!valid1)
                          break;
                      }
                      if (valid1) {
                        let i1 = data2.length, j0;
                        if (i1 > 1) {
                          let indices0 = {};
                          for (; i1--; ) {
                            let item0 = data2[i1];
                            if (typeof item0 == "string") {
                              if (typeof indices0[item0] == "number") {
                                return j0 = indices0[item0], validate30.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                                break;
                              }
                              indices0[item0] = i1;
                            }
                          }
                        }
                      }
                    }
                  } else
                    return validate30.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate30.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate30.errors = vErrors, errors === 0;
}
validate30.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var confirmAddress = validate31;
var pattern16 = new RegExp("^[\\w-]+$", "u");
function validate31(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate31.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token"))
        return validate31.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "token") {
            return validate31.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.token !== void 0) {
          let data0 = data.token;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func1(data0) > 100)
                return validate31.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
              if (func1(data0) < 1)
                return validate31.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern16.test(data0))
                return validate31.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
            } else
              return validate31.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate31.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate31.errors = vErrors, errors === 0;
}
validate31.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var confirmSecondFactor = validate32;
var pattern17 = new RegExp("^[\\sA-Za-z0-9-]+$", "u");
function validate32(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate32.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.code === void 0 && (missing0 = "code"))
        return validate32.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "code") {
            return validate32.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.code !== void 0) {
          let data0 = data.code;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func1(data0) > 40)
                return validate32.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
              if (func1(data0) < 6)
                return validate32.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
              if (!pattern17.test(data0))
                return validate32.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
            } else
              return validate32.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate32.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate32.errors = vErrors, errors === 0;
}
validate32.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createTeam = validate33;
function validate33(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate33.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.leadId === void 0 && (missing0 = "leadId") || data.people === void 0 && (missing0 = "people"))
        return validate33.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "leadId" || key0 === "people")) {
            return validate33.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats0.test(data0))
                  return validate33.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate33.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 100)
                    return validate33.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                  if (func1(data1) < 1)
                    return validate33.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate33.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate33.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.leadId !== void 0) {
                let data2 = data.leadId, _errs6 = errors;
                if (errors === _errs6 && errors === _errs6)
                  if (typeof data2 == "string") {
                    if (!formats0.test(data2))
                      return validate33.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                  } else
                    return validate33.errors = [{ instancePath: instancePath + "/leadId", schemaPath: "#/properties/leadId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.people !== void 0) {
                  let data3 = data.people, _errs8 = errors;
                  if (errors === _errs8)
                    if (Array.isArray(data3)) {
                      if (data3.length > 2e3)
                        return validate33.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                      {
                        var valid1 = !0;
                        let len0 = data3.length;
                        for (let i0 = 0; i0 < len0; i0++) {
                          let data4 = data3[i0], _errs10 = errors;
                          if (errors === _errs10 && errors === _errs10)
                            if (typeof data4 == "string") {
                              if (!formats0.test(data4))
                                return validate33.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                            } else
                              return validate33.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          var valid1 = _errs10 === errors;
                          if (!valid1)
                            break;
                        }
                        if (valid1) {
                          let i1 = data3.length, j0;
                          if (i1 > 1) {
                            let indices0 = {};
                            for (; i1--; ) {
                              let item0 = data3[i1];
                              if (typeof item0 == "string") {
                                if (typeof indices0[item0] == "number") {
                                  return j0 = indices0[item0], validate33.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                                  break;
                                }
                                indices0[item0] = i1;
                              }
                            }
                          }
                        }
                      }
                    } else
                      return validate33.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate33.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate33.errors = vErrors, errors === 0;
}
validate33.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var endSecondFactor = validate34;
function validate34(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate34.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.password === void 0 && (missing0 = "password") || data.code === void 0 && (missing0 = "code"))
        return validate34.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "password" || key0 === "code")) {
            return validate34.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.password !== void 0) {
            let data0 = data.password, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 200)
                  return validate34.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func1(data0) < 1)
                  return validate34.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate34.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate34.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.code !== void 0) {
              let data1 = data.code, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 40)
                    return validate34.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                  if (func1(data1) < 6)
                    return validate34.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
                  if (!pattern17.test(data1))
                    return validate34.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
                } else
                  return validate34.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate34.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate34.errors = vErrors, errors === 0;
}
validate34.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var endTeam = validate35;
function validate35(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate35.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.into === void 0 && (missing0 = "into"))
        return validate35.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "into") {
            return validate35.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.into !== void 0) {
          let data0 = data.into, _errs3 = errors, valid1 = !1, _errs4 = errors;
          if (errors === _errs4 && errors === _errs4)
            if (typeof data0 == "string") {
              if (!formats0.test(data0)) {
                let err0 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
              }
            } else {
              let err1 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
              vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
            }
          var _valid0 = _errs4 === errors;
          valid1 = valid1 || _valid0;
          let _errs6 = errors;
          if (data0 !== null) {
            let err2 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
            vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
          }
          var _valid0 = _errs6 === errors;
          if (valid1 = valid1 || _valid0, valid1)
            errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
          else {
            let err3 = { instancePath: instancePath + "/into", schemaPath: "#/properties/into/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
            return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate35.errors = vErrors, !1;
          }
        }
      }
    } else
      return validate35.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate35.errors = vErrors, errors === 0;
}
validate35.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var forgotPassword = validate36;
function validate36(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate36.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.email === void 0 && (missing0 = "email"))
        return validate36.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "email") {
            return validate36.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.email !== void 0) {
          let data0 = data.email;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func1(data0) > 200)
                return validate36.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
              if (func1(data0) < 3)
                return validate36.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
              if (!pattern7.test(data0))
                return validate36.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
            } else
              return validate36.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate36.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate36.errors = vErrors, errors === 0;
}
validate36.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var invitePeople = validate37, schema48 = { type: "object", required: ["people", "role"], properties: { people: { type: "array", items: { type: "object", required: ["id", "name", "email"], properties: { id: { type: "string", format: "uuid" }, name: { type: "string", minLength: 1, maxLength: 100, pattern: "\\S" }, email: { type: "string", minLength: 3, maxLength: 200, pattern: "^[^\\s@]+@[^\\s@]+$" } }, additionalProperties: !1 }, minItems: 1, maxItems: 200 }, role: { type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] } }, additionalProperties: !1 };
function validate37(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate37.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.people === void 0 && (missing0 = "people") || data.role === void 0 && (missing0 = "role"))
        return validate37.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "people" || key0 === "role")) {
            return validate37.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.people !== void 0) {
            let data0 = data.people, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 200)
                  return validate37.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 200 }, message: "must NOT have more than 200 items" }], !1;
                if (data0.length < 1)
                  return validate37.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.name === void 0 && (missing1 = "name") || data1.email === void 0 && (missing1 = "email"))
                          return validate37.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "name" || key1 === "email")) {
                              return validate37.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats0.test(data2))
                                    return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/id", schemaPath: "#/properties/people/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2) {
                              if (data1.name !== void 0) {
                                let data3 = data1.name, _errs9 = errors;
                                if (errors === _errs9)
                                  if (typeof data3 == "string") {
                                    if (func1(data3) > 100)
                                      return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                                    if (func1(data3) < 1)
                                      return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                    if (!pattern4.test(data3))
                                      return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                  } else
                                    return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/name", schemaPath: "#/properties/people/items/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                              if (valid2)
                                if (data1.email !== void 0) {
                                  let data4 = data1.email, _errs11 = errors;
                                  if (errors === _errs11)
                                    if (typeof data4 == "string") {
                                      if (func1(data4) > 200)
                                        return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                                      if (func1(data4) < 3)
                                        return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                                      if (!pattern7.test(data4))
                                        return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
                                    } else
                                      return validate37.errors = [{ instancePath: instancePath + "/people/" + i0 + "/email", schemaPath: "#/properties/people/items/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid2 = _errs11 === errors;
                                } else
                                  var valid2 = !0;
                            }
                          }
                        }
                      } else
                        return validate37.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate37.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.role !== void 0) {
              let data5 = data.role, _errs13 = errors;
              if (typeof data5 != "string")
                return validate37.errors = [{ instancePath: instancePath + "/role", schemaPath: "#/properties/role/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              if (!(data5 === "owner" || data5 === "administrator" || data5 === "manager" || data5 === "project manager" || data5 === "bookkeeper" || data5 === "staff" || data5 === "auditor"))
                return validate37.errors = [{ instancePath: instancePath + "/role", schemaPath: "#/properties/role/enum", keyword: "enum", params: { allowedValues: schema48.properties.role.enum }, message: "must be equal to one of the allowed values" }], !1;
              var valid0 = _errs13 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate37.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate37.errors = vErrors, errors === 0;
}
validate37.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var invitePerson = validate38, schema49 = { type: "object", required: ["id", "name", "email", "role"], properties: { id: { type: "string", format: "uuid" }, name: { type: "string", minLength: 1, maxLength: 100, pattern: "\\S" }, email: { type: "string", minLength: 3, maxLength: 200, pattern: "^[^\\s@]+@[^\\s@]+$" }, role: { type: "string", enum: ["owner", "administrator", "manager", "project manager", "bookkeeper", "staff", "auditor"] } }, additionalProperties: !1 };
function validate38(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate38.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.email === void 0 && (missing0 = "email") || data.role === void 0 && (missing0 = "role"))
        return validate38.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "email" || key0 === "role")) {
            return validate38.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats0.test(data0))
                  return validate38.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate38.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 100)
                    return validate38.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                  if (func1(data1) < 1)
                    return validate38.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate38.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate38.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.email !== void 0) {
                let data2 = data.email, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func1(data2) > 200)
                      return validate38.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                    if (func1(data2) < 3)
                      return validate38.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                    if (!pattern7.test(data2))
                      return validate38.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
                  } else
                    return validate38.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.role !== void 0) {
                  let data3 = data.role, _errs8 = errors;
                  if (typeof data3 != "string")
                    return validate38.errors = [{ instancePath: instancePath + "/role", schemaPath: "#/properties/role/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  if (!(data3 === "owner" || data3 === "administrator" || data3 === "manager" || data3 === "project manager" || data3 === "bookkeeper" || data3 === "staff" || data3 === "auditor"))
                    return validate38.errors = [{ instancePath: instancePath + "/role", schemaPath: "#/properties/role/enum", keyword: "enum", params: { allowedValues: schema49.properties.role.enum }, message: "must be equal to one of the allowed values" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate38.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate38.errors = vErrors, errors === 0;
}
validate38.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var joinFirm = validate39;
function validate39(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate39.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token") || data.account === void 0 && (missing0 = "account"))
        return validate39.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "token" || key0 === "account")) {
            return validate39.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.token !== void 0) {
            let data0 = data.token, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 100)
                  return validate39.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func1(data0) < 1)
                  return validate39.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern16.test(data0))
                  return validate39.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
              } else
                return validate39.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.account !== void 0) {
              let data1 = data.account, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6)
                if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                  let missing1;
                  if (data1.name === void 0 && (missing1 = "name") || data1.password === void 0 && (missing1 = "password") || data1.consents === void 0 && (missing1 = "consents")) {
                    let err0 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  } else {
                    let _errs8 = errors;
                    for (let key1 in data1)
                      if (!(key1 === "name" || key1 === "password" || key1 === "consents")) {
                        let err1 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                        vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                        break;
                      }
                    if (_errs8 === errors) {
                      if (data1.name !== void 0) {
                        let data2 = data1.name, _errs9 = errors;
                        if (errors === _errs9)
                          if (typeof data2 == "string") {
                            if (func1(data2) > 100) {
                              let err2 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" };
                              vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                            } else if (func1(data2) < 1) {
                              let err3 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                              vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                            } else if (!pattern4.test(data2)) {
                              let err4 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                            }
                          } else {
                            let err5 = { instancePath: instancePath + "/account/name", schemaPath: "#/properties/account/anyOf/0/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                          }
                        var valid2 = _errs9 === errors;
                      } else
                        var valid2 = !0;
                      if (valid2) {
                        if (data1.password !== void 0) {
                          let data3 = data1.password, _errs11 = errors;
                          if (errors === _errs11)
                            if (typeof data3 == "string") {
                              if (func1(data3) > 200) {
                                let err6 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" };
                                vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                              } else if (func1(data3) < 12) {
                                let err7 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" };
                                vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                              } else if (!pattern4.test(data3)) {
                                let err8 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                              }
                            } else {
                              let err9 = { instancePath: instancePath + "/account/password", schemaPath: "#/properties/account/anyOf/0/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                            }
                          var valid2 = _errs11 === errors;
                        } else
                          var valid2 = !0;
                        if (valid2)
                          if (data1.consents !== void 0) {
                            let data4 = data1.consents, _errs13 = errors;
                            if (errors === _errs13)
                              if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                                let missing2;
                                if (data4.terms === void 0 && (missing2 = "terms") || data4.data === void 0 && (missing2 = "data")) {
                                  let err10 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" };
                                  vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                                } else {
                                  let _errs15 = errors;
                                  for (let key2 in data4)
                                    if (!(key2 === "terms" || key2 === "data")) {
                                      let err11 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" };
                                      vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                                      break;
                                    }
                                  if (_errs15 === errors) {
                                    if (data4.terms !== void 0) {
                                      let data5 = data4.terms, _errs16 = errors;
                                      if (errors === _errs16)
                                        if (typeof data5 == "string") {
                                          if (func1(data5) > 20) {
                                            let err12 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" };
                                            vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                                          } else if (func1(data5) < 1) {
                                            let err13 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                            vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                                          }
                                        } else {
                                          let err14 = { instancePath: instancePath + "/account/consents/terms", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/terms/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                          vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                                        }
                                      var valid3 = _errs16 === errors;
                                    } else
                                      var valid3 = !0;
                                    if (valid3)
                                      if (data4.data !== void 0) {
                                        let data6 = data4.data, _errs18 = errors;
                                        if (errors === _errs18)
                                          if (typeof data6 == "string") {
                                            if (func1(data6) > 20) {
                                              let err15 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" };
                                              vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
                                            } else if (func1(data6) < 1) {
                                              let err16 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                              vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                                            }
                                          } else {
                                            let err17 = { instancePath: instancePath + "/account/consents/data", schemaPath: "#/properties/account/anyOf/0/properties/consents/properties/data/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                            vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                                          }
                                        var valid3 = _errs18 === errors;
                                      } else
                                        var valid3 = !0;
                                  }
                                }
                              } else {
                                let err18 = { instancePath: instancePath + "/account/consents", schemaPath: "#/properties/account/anyOf/0/properties/consents/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                                vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                              }
                            var valid2 = _errs13 === errors;
                          } else
                            var valid2 = !0;
                      }
                    }
                  }
                } else {
                  let err19 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                  vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs20 = errors;
              if (data1 !== null) {
                let err20 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
              }
              var _valid0 = _errs20 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err21 = { instancePath: instancePath + "/account", schemaPath: "#/properties/account/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++, validate39.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate39.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate39.errors = vErrors, errors === 0;
}
validate39.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var keepView = validate40, schema51 = { type: "object", required: ["columns", "sort", "group"], properties: { columns: { anyOf: [{ type: "array", items: { type: "string", minLength: 1, maxLength: 60 }, maxItems: 60 }, { type: "null" }] }, sort: { anyOf: [{ type: "object", required: ["column", "order"], properties: { column: { type: "string", minLength: 1, maxLength: 60 }, order: { type: "string", enum: ["up", "down"] } }, additionalProperties: !1 }, { type: "null" }] }, group: { anyOf: [{ type: "string", minLength: 1, maxLength: 60 }, { type: "null" }] } }, additionalProperties: !1 };
function validate40(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate40.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.columns === void 0 && (missing0 = "columns") || data.sort === void 0 && (missing0 = "sort") || data.group === void 0 && (missing0 = "group"))
        return validate40.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "columns" || key0 === "sort" || key0 === "group")) {
            return validate40.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.columns !== void 0) {
            let data0 = data.columns, _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
            if (errors === _errs4)
              if (Array.isArray(data0))
                if (data0.length > 60) {
                  let err0 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf/0/maxItems", keyword: "maxItems", params: { limit: 60 }, message: "must NOT have more than 60 items" };
                  vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                } else {
                  var valid2 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs6 = errors;
                    if (errors === _errs6)
                      if (typeof data1 == "string") {
                        if (func1(data1) > 60) {
                          let err1 = { instancePath: instancePath + "/columns/" + i0, schemaPath: "#/properties/columns/anyOf/0/items/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" };
                          vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                        } else if (func1(data1) < 1) {
                          let err2 = { instancePath: instancePath + "/columns/" + i0, schemaPath: "#/properties/columns/anyOf/0/items/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                          vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                        }
                      } else {
                        let err3 = { instancePath: instancePath + "/columns/" + i0, schemaPath: "#/properties/columns/anyOf/0/items/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                        vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                      }
                    var valid2 = _errs6 === errors;
                    if (!valid2)
                      break;
                  }
                }
              else {
                let err4 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf/0/type", keyword: "type", params: { type: "array" }, message: "must be array" };
                vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
              }
            var _valid0 = _errs4 === errors;
            valid1 = valid1 || _valid0;
            let _errs8 = errors;
            if (data0 !== null) {
              let err5 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
            }
            var _valid0 = _errs8 === errors;
            if (valid1 = valid1 || _valid0, valid1)
              errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
            else {
              let err6 = { instancePath: instancePath + "/columns", schemaPath: "#/properties/columns/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++, validate40.errors = vErrors, !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.sort !== void 0) {
              let data2 = data.sort, _errs10 = errors, _errs11 = errors, valid3 = !1, _errs12 = errors;
              if (errors === _errs12)
                if (data2 && typeof data2 == "object" && !Array.isArray(data2)) {
                  let missing1;
                  if (data2.column === void 0 && (missing1 = "column") || data2.order === void 0 && (missing1 = "order")) {
                    let err7 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                    vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                  } else {
                    let _errs14 = errors;
                    for (let key1 in data2)
                      if (!(key1 === "column" || key1 === "order")) {
                        let err8 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                        vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                        break;
                      }
                    if (_errs14 === errors) {
                      if (data2.column !== void 0) {
                        let data3 = data2.column, _errs15 = errors;
                        if (errors === _errs15)
                          if (typeof data3 == "string") {
                            if (func1(data3) > 60) {
                              let err9 = { instancePath: instancePath + "/sort/column", schemaPath: "#/properties/sort/anyOf/0/properties/column/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" };
                              vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                            } else if (func1(data3) < 1) {
                              let err10 = { instancePath: instancePath + "/sort/column", schemaPath: "#/properties/sort/anyOf/0/properties/column/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                              vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                            }
                          } else {
                            let err11 = { instancePath: instancePath + "/sort/column", schemaPath: "#/properties/sort/anyOf/0/properties/column/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                          }
                        var valid4 = _errs15 === errors;
                      } else
                        var valid4 = !0;
                      if (valid4)
                        if (data2.order !== void 0) {
                          let data4 = data2.order, _errs17 = errors;
                          if (typeof data4 != "string") {
                            let err12 = { instancePath: instancePath + "/sort/order", schemaPath: "#/properties/sort/anyOf/0/properties/order/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                          }
                          if (!(data4 === "up" || data4 === "down")) {
                            let err13 = { instancePath: instancePath + "/sort/order", schemaPath: "#/properties/sort/anyOf/0/properties/order/enum", keyword: "enum", params: { allowedValues: schema51.properties.sort.anyOf[0].properties.order.enum }, message: "must be equal to one of the allowed values" };
                            vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                          }
                          var valid4 = _errs17 === errors;
                        } else
                          var valid4 = !0;
                    }
                  }
                } else {
                  let err14 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                  vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                }
              var _valid1 = _errs12 === errors;
              valid3 = valid3 || _valid1;
              let _errs19 = errors;
              if (data2 !== null) {
                let err15 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
              }
              var _valid1 = _errs19 === errors;
              if (valid3 = valid3 || _valid1, valid3)
                errors = _errs11, vErrors !== null && (_errs11 ? vErrors.length = _errs11 : vErrors = null);
              else {
                let err16 = { instancePath: instancePath + "/sort", schemaPath: "#/properties/sort/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++, validate40.errors = vErrors, !1;
              }
              var valid0 = _errs10 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.group !== void 0) {
                let data5 = data.group, _errs21 = errors, _errs22 = errors, valid5 = !1, _errs23 = errors;
                if (errors === _errs23)
                  if (typeof data5 == "string") {
                    if (func1(data5) > 60) {
                      let err17 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/0/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" };
                      vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                    } else if (func1(data5) < 1) {
                      let err18 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/0/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                      vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                    }
                  } else {
                    let err19 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++;
                  }
                var _valid2 = _errs23 === errors;
                valid5 = valid5 || _valid2;
                let _errs25 = errors;
                if (data5 !== null) {
                  let err20 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
                }
                var _valid2 = _errs25 === errors;
                if (valid5 = valid5 || _valid2, valid5)
                  errors = _errs22, vErrors !== null && (_errs22 ? vErrors.length = _errs22 : vErrors = null);
                else {
                  let err21 = { instancePath: instancePath + "/group", schemaPath: "#/properties/group/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++, validate40.errors = vErrors, !1;
                }
                var valid0 = _errs21 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate40.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate40.errors = vErrors, errors === 0;
}
validate40.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var readInvitation = validate41;
function validate41(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate41.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token"))
        return validate41.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "token") {
            return validate41.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.token !== void 0) {
          let data0 = data.token;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func1(data0) > 100)
                return validate41.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
              if (func1(data0) < 1)
                return validate41.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern16.test(data0))
                return validate41.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
            } else
              return validate41.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate41.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate41.errors = vErrors, errors === 0;
}
validate41.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var renewRecoveryCodes = validate42;
function validate42(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate42.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.code === void 0 && (missing0 = "code"))
        return validate42.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "code") {
            return validate42.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.code !== void 0) {
          let data0 = data.code;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func1(data0) > 40)
                return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
              if (func1(data0) < 6)
                return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
              if (!pattern17.test(data0))
                return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
            } else
              return validate42.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate42.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate42.errors = vErrors, errors === 0;
}
validate42.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var resetPassword = validate43;
function validate43(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate43.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token") || data.password === void 0 && (missing0 = "password"))
        return validate43.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "token" || key0 === "password")) {
            return validate43.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.token !== void 0) {
            let data0 = data.token, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 100)
                  return validate43.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func1(data0) < 1)
                  return validate43.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern16.test(data0))
                  return validate43.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
              } else
                return validate43.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate43.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 12)
                    return validate43.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate43.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate43.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate43.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate43.errors = vErrors, errors === 0;
}
validate43.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var signIn = validate44;
function validate44(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate44.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.email === void 0 && (missing0 = "email") || data.password === void 0 && (missing0 = "password"))
        return validate44.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "email" || key0 === "password" || key0 === "code")) {
            return validate44.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.email !== void 0) {
            let data0 = data.email, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 200)
                  return validate44.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func1(data0) < 3)
                  return validate44.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                if (!pattern7.test(data0))
                  return validate44.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
              } else
                return validate44.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate44.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 1)
                    return validate44.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate44.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate44.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.code !== void 0) {
                let data2 = data.code, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func1(data2) > 40)
                      return validate44.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                    if (func1(data2) < 6)
                      return validate44.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 6 }, message: "must NOT have fewer than 6 characters" }], !1;
                    if (!pattern17.test(data2))
                      return validate44.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "^[\\sA-Za-z0-9-]+$" }, message: 'must match pattern "^[\\sA-Za-z0-9-]+$"' }], !1;
                  } else
                    return validate44.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate44.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate44.errors = vErrors, errors === 0;
}
validate44.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var signUp = validate45;
function validate45(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate45.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.email === void 0 && (missing0 = "email") || data.password === void 0 && (missing0 = "password") || data.consents === void 0 && (missing0 = "consents"))
        return validate45.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "email" || key0 === "password" || key0 === "consents")) {
            return validate45.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 100)
                  return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func1(data0) < 1)
                  return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate45.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.email !== void 0) {
              let data1 = data.email, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate45.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 3)
                    return validate45.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                  if (!pattern7.test(data1))
                    return validate45.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
                } else
                  return validate45.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.password !== void 0) {
                let data2 = data.password, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func1(data2) > 200)
                      return validate45.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                    if (func1(data2) < 12)
                      return validate45.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" }], !1;
                    if (!pattern4.test(data2))
                      return validate45.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                  } else
                    return validate45.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.consents !== void 0) {
                  let data3 = data.consents, _errs8 = errors;
                  if (errors === _errs8)
                    if (data3 && typeof data3 == "object" && !Array.isArray(data3)) {
                      let missing1;
                      if (data3.terms === void 0 && (missing1 = "terms") || data3.data === void 0 && (missing1 = "data"))
                        return validate45.errors = [{ instancePath: instancePath + "/consents", schemaPath: "#/properties/consents/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                      {
                        let _errs10 = errors;
                        for (let key1 in data3)
                          if (!(key1 === "terms" || key1 === "data")) {
                            return validate45.errors = [{ instancePath: instancePath + "/consents", schemaPath: "#/properties/consents/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs10 === errors) {
                          if (data3.terms !== void 0) {
                            let data4 = data3.terms, _errs11 = errors;
                            if (errors === _errs11)
                              if (typeof data4 == "string") {
                                if (func1(data4) > 20)
                                  return validate45.errors = [{ instancePath: instancePath + "/consents/terms", schemaPath: "#/properties/consents/properties/terms/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" }], !1;
                                if (func1(data4) < 1)
                                  return validate45.errors = [{ instancePath: instancePath + "/consents/terms", schemaPath: "#/properties/consents/properties/terms/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                              } else
                                return validate45.errors = [{ instancePath: instancePath + "/consents/terms", schemaPath: "#/properties/consents/properties/terms/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            var valid1 = _errs11 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1)
                            if (data3.data !== void 0) {
                              let data5 = data3.data, _errs13 = errors;
                              if (errors === _errs13)
                                if (typeof data5 == "string") {
                                  if (func1(data5) > 20)
                                    return validate45.errors = [{ instancePath: instancePath + "/consents/data", schemaPath: "#/properties/consents/properties/data/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" }], !1;
                                  if (func1(data5) < 1)
                                    return validate45.errors = [{ instancePath: instancePath + "/consents/data", schemaPath: "#/properties/consents/properties/data/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                } else
                                  return validate45.errors = [{ instancePath: instancePath + "/consents/data", schemaPath: "#/properties/consents/properties/data/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid1 = _errs13 === errors;
                            } else
                              var valid1 = !0;
                        }
                      }
                    } else
                      return validate45.errors = [{ instancePath: instancePath + "/consents", schemaPath: "#/properties/consents/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate45.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate45.errors = vErrors, errors === 0;
}
validate45.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var verifyAddress = validate46;
function validate46(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate46.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.token === void 0 && (missing0 = "token"))
        return validate46.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "token" || key0 === "password")) {
            return validate46.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.token !== void 0) {
            let data0 = data.token, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 100)
                  return validate46.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func1(data0) < 1)
                  return validate46.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern16.test(data0))
                  return validate46.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/pattern", keyword: "pattern", params: { pattern: "^[\\w-]+$" }, message: 'must match pattern "^[\\w-]+$"' }], !1;
              } else
                return validate46.errors = [{ instancePath: instancePath + "/token", schemaPath: "#/properties/token/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate46.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 1)
                    return validate46.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate46.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate46.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate46.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate46.errors = vErrors, errors === 0;
}
validate46.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  beginSecondFactor,
  changeAddress,
  changeManyRoles,
  changeName,
  changePassword,
  changePerson,
  changePreferences,
  changeRoles,
  changeTeam,
  confirmAddress,
  confirmSecondFactor,
  createTeam,
  endSecondFactor,
  endTeam,
  forgotPassword,
  invitePeople,
  invitePerson,
  joinFirm,
  keepView,
  readInvitation,
  renewRecoveryCodes,
  resetPassword,
  signIn,
  signUp,
  verifyAddress
};
